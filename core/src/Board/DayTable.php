<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * How every minute of the day is written and said, and every length up to a day, so that hands, digits, words and jumps
 * can follow a finger without asking.
 */
final readonly class DayTable
{
    /**
     * @param list<string> $digits   by minute since midnight: the digits of a 12-hour clock, marked; of a 24-hour clock where the class writes that alone
     * @param list<string> $digits24 by the 24-hour clock, marked
     * @param list<string> $halves   a.m. or p.m., marked; empty where only 24-hour times are written
     * @param list<string> $words    as it is said, without the part of the day: "twenty-three minutes to nine"; the first
     *                               720 minutes alone, since the others sound alike
     * @param list<string> $aloud    its digits as they are read out: "five oh five"; the first 720 minutes alone
     * @param list<string> $parts    by hour: "in the morning", "at night"
     * @param list<string> $lengths  by minutes, 0 to 1440, marked: "1 h 45 min"
     */
    private function __construct(
        public array $digits,
        public array $digits24,
        public array $halves,
        public array $words,
        public array $aloud,
        public array $parts,
        public array $lengths,
    ) {
    }

    public static function in(Style $style): self
    {
        $writer = Writer::marked($style);
        $spoken = new SpokenTime($style->past->value);
        $digits = [];
        $digits24 = [];
        $halves = [];
        $words = [];
        $aloud = [];
        $parts = [];
        $lengths = [];
        for ($m = 0; $m < TimeOfDay::DAY; ++$m) {
            $time = TimeOfDay::ofMinutes($m);
            $open = StatedTime::open($time->hour12(), $time->minute());
            $digits[] = $writer->clock($style->always24 ? StatedTime::of($time) : $open);
            $digits24[] = $writer->clock(StatedTime::of($time, ClockForm::TwentyFour));
            $halves[] = $style->always24 ? '' : Marked::half($style->halves->of($time->half()));
            if ($m < 720) {
                $words[] = $spoken->of($open);
                $aloud[] = $spoken->aloud($open);
            }
            if (0 === $m % 60) {
                $parts[] = $spoken->part(StatedTime::of($time));
            }
        }
        for ($m = 0; $m <= TimeOfDay::DAY; ++$m) {
            $lengths[] = $writer->minutes($m);
        }

        return new self($digits, $digits24, $halves, $words, $aloud, $parts, $lengths);
    }
}
