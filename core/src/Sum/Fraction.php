<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A number with a fraction in it, as a length is multiplied by: ½, 1½, 2.5, in lowest terms. */
final readonly class Fraction
{
    /** The smallest part that is read: a thousandth. */
    public const MOST_PARTS = 1000;

    private function __construct(public int $numerator, public int $denominator)
    {
    }

    /**
     * @param int $numerator   0 or more
     * @param int $denominator 1 or more
     */
    public static function of(int $numerator, int $denominator): self
    {
        $common = max(1, self::common($numerator, $denominator));

        return new self(intdiv($numerator, $common), intdiv($denominator, $common));
    }

    public function isWhole(): bool
    {
        return 1 === $this->denominator;
    }

    /** The whole number in it: 1 of 1½. */
    public function whole(): int
    {
        return intdiv($this->numerator, $this->denominator);
    }

    /** What is left beside the whole number: ½ of 1½. */
    public function rest(): self
    {
        return new self($this->numerator % $this->denominator, $this->denominator);
    }

    private static function common(int $a, int $b): int
    {
        return 0 === $b ? $a : self::common($b, $a % $b);
    }
}
