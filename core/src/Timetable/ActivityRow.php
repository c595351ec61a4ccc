<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** A row of an activity table: what happens, when it begins, how long it takes, when it ends, one of the three hidden. */
final readonly class ActivityRow
{
    /**
     * @param int   $start   minutes since midnight
     * @param int   $minutes 1 or more; it ends on the same day
     * @param ?self $after   the row on which this one depends: it begins when that one ends, which is to be found first
     */
    private function __construct(public string $what, public int $start, public int $minutes, public HiddenPart $hidden, public ?self $after)
    {
    }

    /** @throws \InvalidArgumentException when it takes no time, or goes on after midnight */
    public static function of(string $what, int $start, int $minutes, HiddenPart $hidden, ?self $after = null): self
    {
        if ($start < 0 || $minutes < 1 || $start + $minutes >= TimeOfDay::DAY || (null !== $after && ($after->end() !== $start || HiddenPart::End !== $after->hidden || null !== $after->after))) {
            throw new \InvalidArgumentException('An activity takes some minutes of one day, and follows one whose end is hidden.');
        }

        return new self($what, $start, $minutes, $hidden, $after);
    }

    public function end(): int
    {
        return $this->start + $this->minutes;
    }

    /** The sum that finds what is hidden. */
    public function sum(): Sum
    {
        [$start, $end, $length] = [self::stated($this->start), self::stated($this->end()), Amount::minutes($this->minutes)];
        if (null !== $this->after) {
            return InTurn::of(Later::of(self::stated($this->after->start), Amount::minutes($this->after->minutes)), HiddenPart::Length === $this->hidden ? Elapsed::of($start, $end) : Later::of($start, $length));
        }

        return match ($this->hidden) {
            HiddenPart::End => Later::of($start, $length),
            HiddenPart::Length => Elapsed::of($start, $end),
            HiddenPart::Start => Missing::start(1, $length, $end),
        };
    }

    private static function stated(int $minutes): StatedTime
    {
        return StatedTime::of(TimeOfDay::ofMinutes($minutes));
    }
}
