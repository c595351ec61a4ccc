<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A landmark of the day that a sum passes, or just reaches going forward. */
enum Crossing: string
{
    case Hour = 'hour';
    case Noon = 'noon';
    case Midnight = 'midnight';

    /**
     * @param int $from minutes from some midnight, lower end
     * @param int $to   minutes from the same midnight, upper end
     *
     * @return list<self> the landmarks b with $from < b <= $to
     */
    public static function between(int $from, int $to): array
    {
        if (floor($from / 60) === floor($to / 60)) {
            return [];
        }
        $crossed = [self::Hour];
        if (floor(($from - 720) / 1440) < floor(($to - 720) / 1440)) {
            $crossed[] = self::Noon;
        }
        if (floor($from / 1440) < floor($to / 1440)) {
            $crossed[] = self::Midnight;
        }

        return $crossed;
    }

    /** @return list<self> what the sum crosses; for times without their half of the day, the hour only */
    public static function of(Sum $sum): array
    {
        return $sum->plain()->way()?->crosses() ?? [];
    }
}
