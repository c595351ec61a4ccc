<?php

declare(strict_types=1);

namespace Rostik\App\Demo;

use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Plan\AfterRequest;
use Rostik\App\Plan\CourseText;
use Rostik\App\Plan\Lessons;
use Rostik\App\Plan\LessonState;
use Rostik\App\Plan\Plans;
use Rostik\App\Plan\WeeklyText;

/** Two weeks of the demonstration class: a lesson every morning, those that have been are done. Invented. */
final readonly class DemoPlan
{
    private const WANTED = ['earlier-across-hour', 'how-long-across-hours', 'across-noon', 'across-midnight', 'missing-part'];
    private const LESSONS = 10;
    private const START = '09:40';
    private const MINUTES = 60;

    public function __construct(private Plans $plans, private Lessons $lessons, private ClockInterface $clock)
    {
    }

    /** @param list<string> $taught ids of rungs */
    public function make(Classroom $class, array $taught): void
    {
        $now = $this->clock->now();
        $monday = $now->modify('-'.((int) $now->format('N') - 1).' days');
        $this->plans->plan($class, new CourseText(
            self::WANTED,
            array_values(array_diff($taught, self::WANTED)),
            array_map(static fn (int $day): WeeklyText => new WeeklyText($day, self::START, self::MINUTES), range(1, 5)),
            // the Sunday before: what was over on Monday morning is there, too
            $monday->modify('-1 day')->format('Y-m-d'),
            self::LESSONS,
            seed: 3,
        ));
        foreach ($this->plans->lessons($class) as $lesson) {
            if ($lesson->on() < $now->format('Y-m-d')) {
                $this->lessons->went($lesson, new AfterRequest(LessonState::Done));
            }
        }
    }
}
