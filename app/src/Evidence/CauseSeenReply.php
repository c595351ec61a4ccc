<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

/** What may be behind the answers of a child: a hint for a conversation with it. */
final readonly class CauseSeenReply
{
    /**
     * @param string    $may      beginning with "may"
     * @param bool      $perhaps  whether it rests on one answer
     * @param bool      $lately   otherwise it was there, and is probably gone
     * @param list<int> $evidence places of the last answers that speak for it
     * @param int       $times    how many do
     * @param int       $against  and how many speak against it
     */
    public function __construct(public string $id, public string $may, public string $look, public bool $perhaps, public bool $lately, public array $evidence, public int $times, public int $against)
    {
    }
}
