<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

/**
 * Cuts the way from one place on the line to another into the jumps a teacher would draw: to the next (or last)
 * o'clock, whole hours, the rest (whole hours alone, where there is nothing else); noon and midnight are stopped at on the way; a rest beyond half an hour goes by the
 * half hour. Common practice, no source.
 */
final class Jumps
{
    /**
     * @param int $per      small ticks in a big one (60 minutes in an hour)
     * @param int $landmark a place worth stopping at recurs after so many big ticks; 0 for none
     *
     * @return list<Jump> none where the places are the same
     */
    public static function through(int $from, int $to, int $per = 60, int $landmark = 0): array
    {
        $way = $to >= $from ? 1 : -1;
        $jumps = [];
        $at = $from;
        $left = abs($to - $from);

        $offset = (($at % $per) + $per) % $per;
        $toMark = 0 === $offset ? 0 : ($way > 0 ? $per - $offset : $offset);
        $wholeOnly = 0 === $left % $per;
        if (0 !== $toMark && $left >= $toMark && !$wholeOnly) {
            $jumps[] = new Jump($at, $at += $way * $toMark, JumpWhy::ToTheOClock);
            $left -= $toMark;
        }
        $onMark = 0 === $at % $per;
        if (($onMark || $wholeOnly) && $left >= $per) {
            $whole = $left - $left % $per;
            if (0 !== $landmark && $onMark) {
                $size = $landmark * $per;
                $off = (($at % $size) + $size) % $size;
                $stop = $way > 0 ? $size - $off : (0 === $off ? $size : $off);
                while ($stop < $whole) {
                    $jumps[] = new Jump($at, $at += $way * $stop, JumpWhy::ToTheLandmark);
                    $whole -= $stop;
                    $left -= $stop;
                    $stop = $size;
                }
            }
            $jumps[] = new Jump($at, $at += $way * $whole, JumpWhy::WholeHours);
            $left -= $whole;
        }
        if ($left > 30 && 60 === $per && $onMark) {
            $jumps[] = new Jump($at, $at += $way * 30, JumpWhy::Rest);
            $jumps[] = new Jump($at, $to, JumpWhy::MoreOfTheRest);
        } elseif ($left > 0) {
            $jumps[] = new Jump($at, $to, JumpWhy::Rest);
        }

        return $jumps;
    }

    /**
     * The whole hours in one jump, then the minutes, by way of the o'clock where they pass it.
     *
     * @return list<Jump>
     */
    public static function hoursFirst(int $from, int $to): array
    {
        $whole = intdiv(abs($to - $from), 60) * 60;
        if (0 === $whole) {
            return self::through($from, $to);
        }
        $at = $to >= $from ? $from + $whole : $from - $whole;

        return [new Jump($from, $at, JumpWhy::WholeHours), ...self::through($at, $to)];
    }
}
