<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * A sum as children set it out, in two columns of neighbouring units: hours and minutes, or others. Times of day stand
 * in their 24-hour form; where a way back goes past midnight (or 12), a day (or half a day) has been added above.
 */
final readonly class TwoColumns
{
    /**
     * @param '+'|'-'|'x'           $operation
     * @param list<array{int, int}> $rows      larger and smaller unit
     * @param int                   $times     how often the first row is taken, for a product; 1 otherwise
     * @param int                   $limit     how many of the smaller unit make one of the larger
     * @param bool                  $ofDay     whether the larger unit is minutes of the day, beside which stand seconds
     * @param ?StatedTime           $start     where the answer is a time of day stated like this one
     */
    private function __construct(
        public string $operation,
        public array $rows,
        public int $times,
        public Unit $large,
        public Unit $small,
        public int $limit,
        private ?StatedTime $start = null,
        private bool $ofDay = false,
    ) {
    }

    /** Null where the sum is not set out in two columns. */
    public static function of(Sum $sum): ?self
    {
        return match (true) {
            $sum instanceof Total => self::lengths('+', 1, ...$sum->addends),
            $sum instanceof Difference => self::lengths('-', 1, $sum->from, $sum->take),
            $sum instanceof Product => self::lengths('x', $sum->times, $sum->length),
            $sum instanceof FractionalProduct => self::fractional($sum),
            $sum instanceof Later => self::move('+', $sum),
            $sum instanceof Earlier => self::move('-', $sum),
            $sum instanceof Elapsed => self::elapsed($sum),
            $sum instanceof SecondMove => self::secondMove($sum),
            $sum instanceof SecondElapsed => self::secondElapsed($sum),
            default => null,
        };
    }

    /** One length by itself; null where it is not set out in two columns. */
    public static function alone(Amount $length): ?self
    {
        return self::lengths('x', 1, $length);
    }

    /** The larger unit of the first row. */
    public function large(): int
    {
        return $this->rows[0][0];
    }

    /** The smaller unit of the first row. */
    public function small(): int
    {
        return $this->rows[0][1];
    }

    /**
     * Everything in the smaller unit, below nought where more is taken than there is.
     *
     * @param int $rate how many of the smaller make one of the larger, as the child has it
     */
    public function together(int $rate): int
    {
        $numbers = array_map(static fn (array $row): int => $rate * $row[0] + $row[1], $this->rows);

        return '-' === $this->operation ? $numbers[0] - ($numbers[1] ?? 0) : $this->times * array_sum($numbers);
    }

    /** All of the smaller unit together, before anything is regrouped. */
    public function smallSum(): int
    {
        return $this->times * array_sum(array_column($this->rows, 1));
    }

    /** All of the larger unit together, without anything carried. */
    public function largeSum(): int
    {
        return $this->times * array_sum(array_column($this->rows, 0));
    }

    /** Whether more of the smaller unit is to be taken than there is. */
    public function isStuck(): bool
    {
        return '-' === $this->operation && $this->rows[1][1] > $this->rows[0][1];
    }

    /** The difference in the larger unit as it stands. */
    public function largeLeft(): int
    {
        return $this->rows[0][0] - $this->rows[1][0];
    }

    /** The numbers as an answer is written: a length, or a time of day. */
    public function answer(int $large, int $small): ?Given
    {
        if ($this->ofDay) {
            return $this->ofDay($large, $small);
        }
        if (null === $this->start) {
            return $large < 0 || $small < 0 ? null : GivenLength::two($large, $this->large, $small, $this->small);
        }
        if ($small < 0) {
            return null;
        }
        if (ClockForm::TwentyFour === $this->start->form) {
            return GivenTime::of24((($large % 24) + 24) % 24, $small);
        }
        $hour12 = ((($large - 1) % 12) + 12) % 12 + 1;

        return GivenTime::of12($hour12, $small, !$this->start->halfSaid ? null : ((($large % 24) + 24) % 24 < 12 ? HalfOfDay::Am : HalfOfDay::Pm));
    }

    /** Minutes of the day with seconds beside them. */
    private function ofDay(int $minutes, int $seconds): ?Given
    {
        if ($seconds < 0) {
            return null;
        }
        if (null === $this->start) {
            return $minutes < 0 ? null : GivenLength::of(AmountPart::whole(intdiv($minutes, 60), Unit::Hour), AmountPart::whole($minutes % 60, Unit::Minute), AmountPart::whole($seconds, Unit::Second));
        }

        return GivenTime::stated($this->start->toTheSecond(null)->moved($minutes - $this->start->minutes))->withSecond($seconds);
    }

    private static function secondMove(SecondMove $sum): self
    {
        $by = $sum->length->duration->seconds();
        $minutes = $sum->start->minutes;
        // going back past midnight, or past 12, a day or half a day has been added above
        while ($sum->direction < 0 && 60 * $minutes + ($sum->start->second ?? 0) < $by) {
            $minutes += $sum->start->turn();
        }

        return new self($sum->direction > 0 ? '+' : '-', [[$minutes, $sum->start->second ?? 0], [intdiv($by, 60), $by % 60]], 1, Unit::Minute, Unit::Second, 60, $sum->start, true);
    }

    private static function secondElapsed(SecondElapsed $sum): ?self
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            return null;
        }

        return new self('-', [[$sum->end->minutes + ($sum->overMidnight() ? 1440 : 0), $sum->end->second ?? 0], [$sum->start->minutes, $sum->start->second ?? 0]], 1, Unit::Minute, Unit::Second, 60, null, true);
    }

    /** @param '+'|'-'|'x' $operation */
    private static function lengths(string $operation, int $times, Amount ...$amounts): ?self
    {
        $sizes = [];
        foreach ($amounts as $amount) {
            foreach ($amount->parts as $part) {
                $sizes[$part->unit->size()] = $part->unit;
            }
        }
        // tenths of a second are decimals, and go wrong in a way of their own
        if ([] === $sizes || Unit::Tenth === ($sizes[Unit::Tenth->size()] ?? null)) {
            return null;
        }
        $small = $sizes[min(array_keys($sizes))];
        // whole hours alone have their minutes beside them; minutes alone their hours
        $small = 1 === \count($sizes) && (null === $small->larger() || Unit::Hour === $small) ? ($small->smaller() ?? $small) : $small;
        $large = $small->larger();
        if (null === $large || $small->size() === $large->size()) {
            return null;
        }
        $rows = [];
        foreach ($amounts as $amount) {
            foreach ($amount->parts as $part) {
                if ($part->unit !== $large && $part->unit !== $small) {
                    return null;
                }
            }
            $rows[] = [$amount->number($large), $amount->number($small)];
        }

        return new self($operation, $rows, $times, $large, $small, $small->perLarger());
    }

    /** Both columns multiplied, where both come out whole. */
    private static function fractional(FractionalProduct $sum): ?self
    {
        $one = self::lengths('x', 1, $sum->length);
        if (null === $one) {
            return null;
        }
        [$large, $small] = [$one->rows[0][0] * $sum->times->numerator, $one->rows[0][1] * $sum->times->numerator];
        if (0 !== $large % $sum->times->denominator || 0 !== $small % $sum->times->denominator) {
            return null;
        }

        return new self('x', [[intdiv($large, $sum->times->denominator), intdiv($small, $sum->times->denominator)]], 1, $one->large, $one->small, $one->limit);
    }

    /** @param '+'|'-' $operation */
    private static function move(string $operation, Later|Earlier $sum): self
    {
        $turn = intdiv($sum->start->turn(), 60);
        $time = $sum->start->time();
        $hour = $sum->start->halfSaid ? $time->hour() : $time->hour12();
        $length = [intdiv($sum->minutes(), 60), $sum->minutes() % 60];
        $short = '-' === $operation ? $sum->minutes() - $hour * 60 - $time->minute() : 0;
        $hour += $short > 0 ? (int) ceil($short / (60 * $turn)) * $turn : 0;

        return new self($operation, [[$hour, $time->minute()], $length], 1, Unit::Hour, Unit::Minute, 60, $sum->start);
    }

    private static function elapsed(Elapsed $sum): ?self
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            return null;
        }
        $end = $sum->end->time();
        $start = $sum->start->time();

        return new self('-', [
            [$end->hour() + ($sum->overMidnight() ? 24 : 0), $end->minute()],
            [$start->hour(), $start->minute()],
        ], 1, Unit::Hour, Unit::Minute, 60);
    }
}
