<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * The hands of an analogue clock, in degrees clockwise from 12. The hour hand moves half a degree a minute, the
 * minute hand six degrees a minute, so the two belong together (geometry).
 */
final readonly class ClockHands
{
    private function __construct(public float $hour, public float $minute)
    {
    }

    /** The hands at a time; a.m. and p.m. look alike. */
    public static function at(TimeOfDay $time): self
    {
        return new self($time->minutes % 720 / 2, $time->minute() * 6.0);
    }

    /** Hands as somebody set them, in degrees; any number, wrapped to one turn. */
    public static function set(float $hour, float $minute): self
    {
        return new self(self::wrapped($hour), self::wrapped($minute));
    }

    /**
     * The reading of the hands, half of the day not said: the minute hand is read to the nearest minute, and the hour
     * hand must stand where it belongs for that minute.
     *
     * @param float $tolerance how many degrees the hour hand may be off, 0 to 15
     *
     * @throws HandsDisagree when the hands cannot both be right
     */
    public function read(float $tolerance = 7.5): StatedTime
    {
        $minute = (int) round($this->minute / 6) % 60;
        // a minute hand that is nearly at 12 belongs to the hour that is about to begin
        $hour = (int) round(($this->hour - $minute / 2) / 30);
        $hour12 = (($hour % 12) + 11 + 12) % 12 + 1;
        $off = abs(self::wrapped($this->hour - ($hour12 % 12 * 30 + $minute / 2) + 180) - 180);
        if ($off > $tolerance) {
            throw new HandsDisagree($minute, $off);
        }

        return StatedTime::open($hour12, $minute);
    }

    private static function wrapped(float $degrees): float
    {
        $turn = fmod($degrees, 360.0);

        return $turn < 0 ? $turn + 360.0 : $turn;
    }
}
