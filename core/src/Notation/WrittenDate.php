<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\Weekday;

/** A date as a class writes it, whether there is such a day or not: "Friday 12 March 2027", "Friday, March 12, 2027". */
final class WrittenDate
{
    /**
     * @param int  $month   1 to 12
     * @param ?int $year    null where it is not said
     * @param ?int $weekday 1 for Monday to 7 for Sunday; null where it is not said
     */
    public static function of(int $day, int $month, ?int $year, ?int $weekday, Style $style): string
    {
        $name = MonthName::of($month);
        $before = null === $weekday ? '' : Weekday::name($weekday).($style->monthFirst ? ', ' : ' ');
        $behind = null === $year ? '' : ($style->monthFirst ? ', ' : ' ').$year;

        return $before.($style->monthFirst ? $name.' '.$day : $day.' '.$name).$behind;
    }
}
