<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\By24Hours;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;

/** How a class writes and says times, and sets out its working: schools differ, and each way is right. */
final readonly class Style
{
    /**
     * @param bool $nameTwelve    "12 noon" and "12 midnight" rather than 12:00 p.m. and 12:00 a.m.
     * @param bool $always24      whether times are written by the 24-hour clock however they were stated
     * @param bool $leadingNought 09:20 rather than 9:20 by the 24-hour clock
     * @param bool $minutesFirst  whether minutes are added before hours even where nothing regroups
     * @param bool $monthFirst    March 12, 2027 rather than 12 March 2027
     * @param bool $converts      whether 105 min is turned into 1 h 45 min, rather than 60 taken away and 1 carried
     * @param bool $totalsFirst   whether both columns are totalled before 60 is taken off and 1 added to the hours; then nothing is carried
     * @param bool $timesFive     whether minutes are read from a numeral by 5 times it (5 × 8 = 40) rather than by counting fives
     */
    public function __construct(
        public HalfSigns $halves = HalfSigns::Dotted,
        public Separator $separator = Separator::Colon,
        public PastWord $past = PastWord::Past,
        public bool $nameTwelve = true,
        public bool $always24 = false,
        public bool $leadingNought = true,
        public bool $minutesFirst = false,
        public bool $converts = false,
        public bool $monthFirst = false,
        public WeekBegins $weekBegins = WeekBegins::Monday,
        public Weekend $weekend = Weekend::SaturdaySunday,
        public bool $totalsFirst = false,
        public bool $timesFive = false,
    ) {
    }

    /** 1:50 p.m., 12 noon: the one form in which sums are kept. */
    public static function canonical(): self
    {
        return new self();
    }

    /** A fixed sentence, written with a.m. and p.m., with the signs of the class. */
    public function signs(string $sentence): string
    {
        if (HalfSigns::Dotted === $this->halves) {
            return $sentence;
        }
        // the last stop of p.m. may have been that of the sentence, too
        $end = 1 === preg_match('/^[A-Z].*[ap]\.m\.$/s', $sentence) ? '.' : '';

        return strtr($sentence, ['a.m.' => $this->halves->of(HalfOfDay::Am), 'p.m.' => $this->halves->of(HalfOfDay::Pm)]).$end;
    }

    /** A sum as the class states it. */
    public function states(Sum $sum): Sum
    {
        return $this->always24 ? By24Hours::of($sum) : $sum;
    }

    /** The same in a class with such weeks. */
    public function within(WeekBegins $begins, Weekend $weekend): self
    {
        return new self($this->halves, $this->separator, $this->past, $this->nameTwelve, $this->always24, $this->leadingNought, $this->minutesFirst, $this->converts, $this->monthFirst, $begins, $weekend, $this->totalsFirst, $this->timesFive);
    }

    /** The same without its rule that every time is written by the 24-hour clock. */
    public function byBothClocks(): self
    {
        return new self($this->halves, $this->separator, $this->past, $this->nameTwelve, false, $this->leadingNought, $this->minutesFirst, $this->converts, $this->monthFirst, $this->weekBegins, $this->weekend, $this->totalsFirst, $this->timesFive);
    }

    /** @return list<self> every combination of writing and saying, for the tests */
    public static function all(): array
    {
        $styles = [];
        foreach (HalfSigns::cases() as $halves) {
            foreach (Separator::cases() as $separator) {
                foreach (PastWord::cases() as $past) {
                    foreach ([true, false] as $nameTwelve) {
                        foreach ([[false, true], [true, true], [true, false]] as [$always24, $leadingNought]) {
                            $styles[] = new self($halves, $separator, $past, $nameTwelve, $always24, $leadingNought);
                        }
                    }
                }
            }
        }

        return $styles;
    }
}
