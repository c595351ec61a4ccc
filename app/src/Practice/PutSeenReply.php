<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\Core\Skill\Level;

/** A question that a child had: why it had it, and what it answered. */
final readonly class PutSeenReply
{
    /**
     * @param string       $asked   plain
     * @param string       $because why this one, in words
     * @param string       $can     what it is about
     * @param list<string> $answers as they were understood, in order
     * @param int          $help    how much help there was, 0 to 3
     * @param ?bool        $right   whether the first answer was; null for none yet
     * @param string       $may     what may be behind the first answer; empty where nothing is known
     */
    public function __construct(public string $child, public string $asked, public string $because, public string $can, public Level $level, public array $answers, public int $help, public ?bool $right, public string $may)
    {
    }
}
