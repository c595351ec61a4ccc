<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** A service's call at a stop, in minutes since the midnight with which its day of service begins: after midnight more than 1439. */
final readonly class Call
{
    /**
     * @param int $arrive 0 to {@see self::LATEST}
     * @param int $leave  at or after the arrival
     */
    private function __construct(public int $arrive, public int $leave)
    {
    }

    /** Two days and a night: a night train's day of service ends before that. */
    public const LATEST = 2 * 1440 + 719;

    /** @throws \InvalidArgumentException when it leaves before it arrives, or on no day that a table tells */
    public static function of(int $arrive, ?int $leave = null): self
    {
        $leave ??= $arrive;
        if ($arrive < 0 || $leave < $arrive || $leave > self::LATEST) {
            throw new \InvalidArgumentException(\sprintf('No call is from %d to %d.', $arrive, $leave));
        }

        return new self($arrive, $leave);
    }

    /** Whether it stands there long enough for the table to say two times. */
    public function waits(): bool
    {
        return $this->leave > $this->arrive;
    }

    /** The same so many minutes later. */
    public function later(int $minutes): self
    {
        return self::of($this->arrive + $minutes, $this->leave + $minutes);
    }
}
