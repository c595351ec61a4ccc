<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

/** What was seen of a child. */
final readonly class ChildSeenReply
{
    /**
     * @param int                   $count   answers in all
     * @param list<AnswerSeenReply> $answers those behind what is said, the earliest first
     * @param list<RungSeenReply>   $rungs   from the bottom up
     * @param list<CauseSeenReply>  $causes
     * @param ?string               $next    what to try next: "I can …"
     */
    public function __construct(public string $id, public string $name, public int $count, public array $answers, public array $rungs, public array $causes, public ?string $next)
    {
    }
}
