<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Calendar;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/** A length in other units: 95 min in h min, 4 years in months; not exact from months to days. */
final readonly class Conversion implements Sum
{
    /**
     * @param non-empty-list<Unit> $units largest first
     * @param bool                 $about whether a round number is asked for where there is no exact one
     */
    private function __construct(public Amount $amount, public array $units, public bool $about)
    {
    }

    public static function of(Amount $amount, bool $about, Unit $first, Unit ...$more): self
    {
        $units = [];
        foreach ([$first, ...array_values($more)] as $unit) {
            $units[$unit->chain()->name.\sprintf('%09d', $unit->size())] = $unit;
        }
        krsort($units);

        return new self($amount, array_values($units), $about);
    }

    public function kind(): Kind
    {
        return Kind::Conversion;
    }

    public function isExact(): bool
    {
        foreach ($this->units as $unit) {
            if ($unit->chain() !== $this->amount->duration->chain) {
                return false;
            }
        }

        return true;
    }

    public function answer(): Answer
    {
        if (!$this->isExact()) {
            return $this->about ? $this->round() : RangeAnswer::of($this->amount, $this->units);
        }
        $left = $this->amount->duration->count;
        $parts = [];
        foreach ($this->units as $i => $unit) {
            $isLast = !isset($this->units[$i + 1]);
            if ($isLast && 0 !== $left % $unit->size()) {
                $decimal = AmountPart::fraction($left, $unit->size(), $unit);
                if (0 === 100 % $decimal->denominator) {
                    $parts[] = $decimal;
                    $left = 0;
                    break;
                }
            }
            $parts[] = AmountPart::whole(intdiv($left, $unit->size()), $unit);
            $left %= $unit->size();
        }
        // what the units asked for cannot hold is given in smaller ones: 100 min in h is 1 h 40 min
        for ($unit = $this->units[\count($this->units) - 1]->smaller(); null !== $unit && 0 !== $left; $unit = $unit->smaller()) {
            if ($left >= $unit->size()) {
                $parts[] = AmountPart::whole(intdiv($left, $unit->size()), $unit);
                $left %= $unit->size();
            }
        }

        return new ConversionAnswer($parts);
    }

    /** Whether the units asked for can hold the amount; where they cannot, smaller ones help out. */
    public function comesOut(): bool
    {
        $answer = $this->answer();

        return !$answer instanceof ConversionAnswer || \count($answer->parts) <= \count($this->units);
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
