<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Calendar;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/** A length in other units: 105 min in h min, 5 years in months, 90 min in h as a decimal; not exact from months to days. */
final readonly class Conversion implements Sum
{
    use UsualSum;

    /**
     * @param non-empty-list<Unit> $units largest first
     * @param bool                 $about whether a round number is asked for where there is no exact one
     * @param ?PartWritten         $part  how a part of the one unit is asked for; null where smaller units hold what is left
     */
    private function __construct(public Amount $amount, public array $units, public bool $about, public ?PartWritten $part = null)
    {
    }

    /** @throws TooLong */
    public static function of(Amount $amount, bool $about, Unit $first, Unit ...$more): self
    {
        $asked = [$first, ...array_values($more)];
        $units = array_values(array_filter(array_reverse(Unit::cases()), static fn (Unit $unit): bool => \in_array($unit, $asked, true)));

        return new self($amount, [] === $units ? [$first] : $units, $about);
    }

    /**
     * 90 min in h as a decimal. Where no decimal ends (20 min in h), the part is a fraction all the same.
     *
     * @throws TooLong
     */
    public static function inOne(Amount $amount, Unit $unit, PartWritten $part): self
    {
        return new self($amount, [$unit], false, $part);
    }

    public function kind(): Kind
    {
        return Kind::Conversion;
    }

    /** Whether the units asked for can hold it exactly: months cannot hold days, nor days months. */
    public function isExact(): bool
    {
        return [] !== $this->exactUnits();
    }

    /**
     * The units asked for that hold the amount exactly: 1 year in months and days is 12 months.
     *
     * @return list<Unit> none where there is no exact answer
     */
    public function exactUnits(): array
    {
        $own = array_values(array_filter($this->units, fn (Unit $unit): bool => $unit->chain() === $this->amount->duration->chain));
        if (\count($own) === \count($this->units)) {
            return $own;
        }

        return [] !== $own && Chain::Calendar === $own[0]->chain() && 0 === $this->amount->duration->count % $own[\count($own) - 1]->size() ? $own : [];
    }

    public function answer(): Answer
    {
        if (!$this->isExact()) {
            return $this->about ? $this->round() : RangeAnswer::of($this->amount, $this->units);
        }
        if ($this->hasPart()) {
            return new ConversionAnswer([AmountPart::fraction($this->amount->duration->count, $this->units[0]->size(), $this->units[0], !$this->isDecimal())]);
        }
        $left = $this->amount->duration->count;
        $parts = [];
        $units = $this->exactUnits();
        foreach ($units as $unit) {
            $parts[] = AmountPart::whole(intdiv($left, $unit->size()), $unit);
            $left %= $unit->size();
        }
        // what the units asked for cannot hold is given in smaller ones: 100 min in h is 1 h 40 min
        for ($unit = $units[\count($units) - 1]->smaller(); null !== $unit && 0 !== $left; $unit = $unit->smaller()) {
            if ($left >= $unit->size()) {
                $parts[] = AmountPart::whole(intdiv($left, $unit->size()), $unit);
                $left %= $unit->size();
            }
        }

        return new ConversionAnswer([] === $parts ? throw new \LogicException('What is exact has units.') : $parts);
    }

    /** Whether the answer is a part of the one unit asked for: 90 min in h as a decimal, and 15 min in h, which is less than one. */
    public function hasPart(): bool
    {
        // tenths of a second are written with the seconds
        if (isset($this->units[1]) || Unit::Second === $this->units[0] || !$this->isExact()) {
            return false;
        }
        $size = $this->units[0]->size();

        return null !== $this->part ? 0 !== $this->amount->duration->count % $size : 0 < $this->amount->duration->count && $this->amount->duration->count < $size;
    }

    /** Whether that part is asked for as a decimal, and one that ends. */
    public function isDecimal(): bool
    {
        return PartWritten::Decimal === $this->part && AmountPart::fraction($this->amount->duration->count, $this->units[0]->size(), $this->units[0])->isDecimal();
    }

    /** Whether the units asked for can hold the amount; where they cannot, smaller ones help out. */
    public function comesOut(): bool
    {
        $units = $this->exactUnits();

        // tenths are written with the seconds
        return [] === $units || $this->hasPart() || Unit::Second === $units[\count($units) - 1] || 0 === $this->amount->duration->count % $units[\count($units) - 1]->size();
    }

    public function lengths(): array
    {
        return [$this->amount];
    }

    public function unitsSaid(): array
    {
        return Unit::largestFirst(...$this->units, ...array_map(static fn (AmountPart $part): Unit => $part->unit, $this->amount->parts));
    }

    public function regroups(): bool
    {
        return \count($this->units) > 1;
    }

    /** A round number: about 52 weeks in a year. Mean month and year of the Gregorian calendar. */
    private function round(): ConversionAnswer
    {
        $duration = $this->amount->duration;
        $days = Chain::Calendar === $duration->chain ? $duration->count * Calendar::MEAN_MONTH_DAYS : $duration->count / Unit::Day->size();
        $unit = $this->units[0];
        $n = Chain::Calendar === $unit->chain()
            ? $days / Calendar::MEAN_MONTH_DAYS / $unit->size()
            : $days * Unit::Day->size() / $unit->size();

        return new ConversionAnswer([AmountPart::whole((int) round($n), $unit)], true);
    }
}
