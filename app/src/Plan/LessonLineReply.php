<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\Core\Plan\Purpose;

/** A lesson in the list of all. */
final readonly class LessonLineReply
{
    /**
     * @param string $on      2026-11-26
     * @param string $start   HH:MM
     * @param string $from    the same, as the class writes it
     * @param int    $minutes that it lasts
     * @param string $title   what it is about
     * @param string $short   the same in a few words
     * @param string $word    what is still to be done, in two or three words; may be empty
     */
    public function __construct(public string $id, public string $on, public string $start, public string $from, public int $minutes, public string $title, public string $short, public string $rung, public Purpose $purpose, public LessonState $state, public string $word)
    {
    }
}
