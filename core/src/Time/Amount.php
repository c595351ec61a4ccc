<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A length of time as it is written: numbers with their units, largest unit first. "90 min" and "1 h 30 min" are
 * two amounts and one {@see Duration}.
 */
final readonly class Amount
{
    /** @param non-empty-list<AmountPart> $parts largest unit first, one chain, no unit twice */
    private function __construct(public array $parts, public Duration $duration)
    {
    }

    /**
     * @throws MixedChains
     * @throws NotWhole    when the parts do not come to whole tenths of a second (or months)
     */
    public static function of(AmountPart $first, AmountPart ...$more): self
    {
        $parts = [$first, ...array_values($more)];
        if (isset($parts[1])) {
            usort($parts, static fn (AmountPart $a, AmountPart $b): int => $b->unit->size() <=> $a->unit->size());
        }
        $parts = self::withTenths($parts);
        $chain = $first->unit->chain();
        $count = 0;
        foreach ($parts as $part) {
            if ($part->unit->chain() !== $chain) {
                throw new MixedChains();
            }
            $count += $part->count() ?? throw NotWhole::amount($chain);
        }

        return new self($parts, Duration::of($count, $chain));
    }

    /**
     * The duration in the given units, largest first; the last unit takes what is left. Units that come to nothing
     * are left out.
     *
     * @throws NotWhole when the last unit does not come out whole
     */
    public static function in(Duration $duration, Unit $first, Unit ...$more): self
    {
        $left = $duration->count;
        $parts = [];
        $unit = $first;
        foreach ([$first, ...array_values($more)] as $unit) {
            $n = intdiv($left, $unit->size());
            $left -= $n * $unit->size();
            if ($n > 0) {
                $parts[] = AmountPart::whole($n, $unit);
            }
        }
        if (0 !== $left) {
            throw NotWhole::amount($duration->chain);
        }

        return new self([] === $parts ? [AmountPart::whole(0, $unit)] : $parts, $duration);
    }

    /**
     * The usual way of writing a result: regrouped at 60 and 60 always, at 24 and 7 only where the largest unit
     * asked for is a day or a week, at 12 months always.
     */
    public static function usual(Duration $duration, Unit $largest = Unit::Hour): self
    {
        if (Chain::Calendar === $duration->chain) {
            return self::in($duration, Unit::Year, Unit::Month);
        }
        if (0 === $duration->count) {
            return new self([AmountPart::whole(0, Unit::Minute)], $duration);
        }

        return match ($largest) {
            Unit::Week => self::in($duration, Unit::Week, Unit::Day, Unit::Hour, Unit::Minute, Unit::Second, Unit::Tenth),
            Unit::Day => self::in($duration, Unit::Day, Unit::Hour, Unit::Minute, Unit::Second, Unit::Tenth),
            default => self::in($duration, Unit::Hour, Unit::Minute, Unit::Second, Unit::Tenth),
        };
    }

    /**
     * 45.3 s is 45 s and 3 tenths: a fraction of a second that comes to whole tenths is kept in a part of its own.
     *
     * @param non-empty-list<AmountPart> $parts
     *
     * @return non-empty-list<AmountPart>
     */
    private static function withTenths(array $parts): array
    {
        $last = array_pop($parts);
        $tenths = Unit::Second === $last->unit && !$last->isWhole() ? $last->count() : null;
        if (null === $tenths) {
            return [...$parts, $last];
        }
        $whole = intdiv($tenths, 10);

        return [...$parts, ...(0 === $whole ? [] : [AmountPart::whole($whole, Unit::Second)]), AmountPart::whole($tenths % 10, Unit::Tenth)];
    }

    public static function minutes(int $minutes): self
    {
        $hours = intdiv($minutes, 60);
        $rest = $minutes % 60;
        $parts = match (true) {
            0 === $hours => [AmountPart::whole($rest, Unit::Minute)],
            0 === $rest => [AmountPart::whole($hours, Unit::Hour)],
            default => [AmountPart::whole($hours, Unit::Hour), AmountPart::whole($rest, Unit::Minute)],
        };

        return new self($parts, Duration::ofMinutes($minutes));
    }

    public function largest(): Unit
    {
        return $this->parts[0]->unit;
    }

    public function smallest(): Unit
    {
        return $this->parts[\count($this->parts) - 1]->unit;
    }

    public function isWhole(): bool
    {
        foreach ($this->parts as $part) {
            if (!$part->isWhole()) {
                return false;
            }
        }

        return true;
    }

    /** The whole number that stands before the unit; 0 where the unit does not occur. */
    public function number(Unit $unit): int
    {
        foreach ($this->parts as $part) {
            if ($part->unit === $unit) {
                return intdiv($part->numerator, $part->denominator);
            }
        }

        return 0;
    }

    /** The same length without fractions: 3.5 h becomes 3 h 30 min. */
    public function wholeParts(): self
    {
        if ($this->isWhole()) {
            return $this;
        }
        $units = [];
        for ($unit = $this->largest(); null !== $unit; $unit = $unit->smaller()) {
            $units[] = $unit;
        }

        return self::in($this->duration, ...$units);
    }
}
