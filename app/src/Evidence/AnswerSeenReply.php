<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

/** An answer behind a claim. */
final readonly class AnswerSeenReply
{
    /**
     * @param string $on    2027-03-11
     * @param string $from  title of the pile
     * @param string $asked plain
     * @param string $given as it was written; empty where only the mark is known
     * @param ?bool  $right null where there is nothing to go by
     */
    public function __construct(public string $on, public string $from, public string $asked, public string $given, public ?bool $right)
    {
    }
}
