<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** All lessons of a class. */
final readonly class PlanReply
{
    /**
     * @param ?CourseText           $course  null where none was planned yet
     * @param bool                  $feed    whether there is an address to subscribe to
     * @param list<LessonLineReply> $lessons the earliest first
     * @param list<WaitingReply>    $waiting what is to be done
     * @param list<string>          $said    what was left out when it was planned, and what is not reached
     * @param string                $today   2026-11-26
     * @param string                $now     HH:MM
     */
    public function __construct(public ?CourseText $course, public bool $feed, public array $lessons, public array $waiting, public array $said, public string $today, public string $now)
    {
    }
}
