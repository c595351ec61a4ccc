<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** A question to be marked. */
final readonly class ToMarkReply
{
    /**
     * @param string            $asked   plain
     * @param string            $answer  plain; empty where it has none
     * @param list<UsualAnswer> $usual   wrong answers that come with it, so that a verdict need not wait
     * @param list<string>      $choices that it was answered by, in their order; none where it was not
     * @param bool              $drawn   whether it was answered by drawing
     */
    public function __construct(public string $asked, public string $answer, public array $usual, public array $choices, public bool $drawn)
    {
    }
}
