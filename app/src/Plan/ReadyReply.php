<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** Something that must be ready before a lesson. */
final readonly class ReadyReply
{
    /**
     * @param string $id      within the lesson
     * @param string $what    in words: "24 tickets, 6 pages to cut"
     * @param bool   $ready   whether the teacher says so
     * @param bool   $printed whether it comes out of a printer
     * @param bool   $made    false for sheets that are yet to be made
     */
    public function __construct(public string $id, public string $what, public bool $ready, public bool $printed, public bool $made)
    {
    }
}
