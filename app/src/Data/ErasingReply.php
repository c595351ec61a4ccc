<?php

declare(strict_types=1);

namespace Rostik\App\Data;

/** What goes when a teacher goes. */
final readonly class ErasingReply
{
    /**
     * @param int          $sheets  with their copies
     * @param int          $piles   of papers that are of no class, or of a class that goes
     * @param list<string> $classes names of those that nobody else teaches: they go with their children
     * @param list<string> $shared  names of those that colleagues go on with, with all that was marked
     * @param bool         $last    whether the school goes, too: nobody else is there
     * @param bool         $can     false where a school would be left without an administrator
     */
    public function __construct(public int $sheets, public int $copies, public int $timetables, public int $piles, public array $classes, public array $shared, public bool $last, public bool $can)
    {
    }
}
