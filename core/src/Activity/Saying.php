<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** How times and lengths of an activity are written for a class. */
final readonly class Saying
{
    private Writer $writer;

    public function __construct(public Style $style)
    {
        $this->writer = Writer::marked($style);
    }

    /** A time of day, with a.m. or p.m. @param int $minutes any, wrapped to one day */
    public function time(int $minutes): Moment
    {
        return $this->moment(StatedTime::of(TimeOfDay::ofMinutes($minutes)));
    }

    /** By the 24-hour clock. @param int $minutes any, wrapped to one day */
    public function by24(int $minutes): Moment
    {
        return $this->moment(StatedTime::of(TimeOfDay::ofMinutes($minutes), ClockForm::TwentyFour));
    }

    /** What a face shows, its half of the day not said. @param int $minutes any, wrapped to twelve hours */
    public function face(int $minutes): Moment
    {
        $time = TimeOfDay::ofMinutes((($minutes % 720) + 720) % 720);

        return $this->moment(StatedTime::open($time->hour12(), $time->minute()));
    }

    /** @param int $minutes 0 or more */
    public function span(int $minutes): Span
    {
        return new Span($minutes, $this->writer->minutes($minutes));
    }

    /** In minutes alone, as a sheet has them that does not regroup: 85 min. */
    public function minutes(int $minutes): Span
    {
        return new Span($minutes, '{m:'.$minutes.' min}');
    }

    private function moment(StatedTime $stated): Moment
    {
        return new Moment($stated->minutes, $this->writer->time($stated), $this->writer->inWords($stated), !$stated->halfSaid);
    }
}
