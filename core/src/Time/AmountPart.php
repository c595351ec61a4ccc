<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** One number with its unit, as in "30 min", "3.5 h" or "3/4 h". The number is a fraction in lowest terms. */
final readonly class AmountPart
{
    /** @param bool $asFraction whether it is written 3/4 rather than 0.75; false for whole numbers */
    private function __construct(public int $numerator, public int $denominator, public Unit $unit, public bool $asFraction = false)
    {
    }

    /** @throws TooLong when it is longer than ten thousand years */
    public static function whole(int $number, Unit $unit): self
    {
        // the smallest bound of all lets nearly every number pass at one glance
        if ($number > 1000) {
            self::bound($number, 1, $unit);
        }

        return new self($number, 1, $unit);
    }

    /**
     * @param int  $denominator 1 or more
     * @param bool $asFraction  whether it is written 3/4 rather than 0.75
     *
     * @throws TooLong when it is longer than ten thousand years
     */
    public static function fraction(int $numerator, int $denominator, Unit $unit, bool $asFraction = false): self
    {
        self::bound($numerator, $denominator, $unit);
        [$a, $b] = [abs($numerator), $denominator];
        while (0 !== $b) {
            [$a, $b] = [$b, $a % $b];
        }
        $common = max(1, $a);

        return new self(intdiv($numerator, $common), intdiv($denominator, $common), $unit, $asFraction && $common !== $denominator);
    }

    private static function bound(int $numerator, int $denominator, Unit $unit): void
    {
        if ($numerator / $denominator * $unit->size() > Duration::most($unit->chain())) {
            throw new TooLong();
        }
    }

    public function isWhole(): bool
    {
        return 1 === $this->denominator;
    }

    /** Size in the smallest unit of the chain (tenths of a second, or months), or null where it is not a whole number of them. */
    public function count(): ?int
    {
        $total = $this->numerator * $this->unit->size();

        return 0 === $total % $this->denominator ? intdiv($total, $this->denominator) : null;
    }

    /**
     * As they are written: a tenth of a second stands after the point of the seconds, 45.3 s, and alone as 0.3 s.
     *
     * @param list<self> $parts
     *
     * @return list<self>
     */
    public static function written(array $parts): array
    {
        $last = end($parts);
        if (false === $last || Unit::Tenth !== $last->unit) {
            return $parts;
        }
        array_pop($parts);
        $before = end($parts);
        if (false !== $before && Unit::Second === $before->unit) {
            array_pop($parts);
        } else {
            $before = null;
        }

        return [...$parts, self::fraction(10 * ($before->numerator ?? 0) + $last->numerator, 10, Unit::Second)];
    }

    /** Whether the number is written as a decimal, which has to end. */
    public function isDecimal(): bool
    {
        if ($this->asFraction) {
            return false;
        }
        $rest = $this->denominator;
        foreach ([2, 5] as $factor) {
            while (0 === $rest % $factor) {
                $rest = intdiv($rest, $factor);
            }
        }

        return 1 === $rest;
    }
}
