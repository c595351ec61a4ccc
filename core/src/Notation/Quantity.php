<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Fraction;

/** Reads numbers with fractions in them: 2, 2.5, 3½, 1/2, 1 1/2, two and a half, three quarters. */
final class Quantity
{
    private const FRACTIONS = ['½' => [1, 2], '¼' => [1, 4], '¾' => [3, 4], '⅓' => [1, 3], '⅔' => [2, 3], '⅕' => [1, 5], '⅖' => [2, 5], '⅗' => [3, 5], '⅘' => [4, 5], '⅙' => [1, 6], '⅚' => [5, 6], '⅛' => [1, 8], '⅜' => [3, 8], '⅝' => [5, 8], '⅞' => [7, 8]];

    /** Parts of a whole by their names; halves and quarters have ways of their own. */
    private const PARTS = ['third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9, 'tenth' => 10, 'twelfth' => 12];

    /** The smallest part of a unit that is read: a thousandth. */
    private const MOST_PARTS = Fraction::MOST_PARTS;

    /**
     * A number by itself, and the place after it.
     *
     * @return array{Fraction, int}|null
     */
    public static function at(Words $words, int $i): ?array
    {
        [$top, $bottom, $next] = self::fraction($words, $i) ?? self::before($words, $i, false) ?? [0, 0, 0];

        return $bottom < 1 || $bottom > self::MOST_PARTS || $words->is($i, 'a', 'an') && 1 === $bottom ? null : [Fraction::of($top, $bottom), $next];
    }

    /**
     * A number as written before a unit: 2, 2.5, .5, 3½, ½, 1/2, two, two and a half, a, an.
     *
     * @param bool $unit whether a unit is to follow, so that "two and a half" is not taken for two things
     *
     * @return array{int, int, int}|null numerator, denominator, place after
     */
    public static function before(Words $words, int $i, bool $unit = true): ?array
    {
        if (Words::FRACTION === $words->type($i)) {
            return [...self::FRACTIONS[$words->at($i)] ?? [0, 0], $i + 1];
        }
        if ($words->is($i, '.')) {
            return 0 === $i || !$words->touches($i - 1) ? self::decimals($words, 0, $i) : null;
        }
        $whole = $words->number($i);
        if (null !== $whole) {
            if (Words::FRACTION === $words->type($i + 1)) {
                [$top, $bottom] = self::FRACTIONS[$words->at($i + 1)] ?? [0, 1];

                return [$whole * $bottom + $top, $bottom, $i + 2];
            }
            if ($words->is($i + 1, '.', ',') && $words->touches($i) && null !== $decimals = self::decimals($words, $whole, $i + 1)) {
                return $decimals;
            }
            $bottom = $words->is($i + 1, '/') ? $words->number($i + 2) : null;
            if (null !== $bottom && $bottom > 0) {
                return $bottom > self::MOST_PARTS ? null : [$whole, $bottom, $i + 3];
            }
            $second = $words->number($i + 1);
            $bottom = $words->is($i + 2, '/') ? $words->number($i + 3) : null;
            if (null !== $second && null !== $bottom && $bottom > 0) {
                return $bottom > self::MOST_PARTS || $second > self::MOST_PARTS ? null : [$whole * $bottom + $second, $bottom, $i + 4];
            }

            return self::withAndFraction($words, $whole, $i + 1, $unit);
        }
        if ($words->is($i, 'a', 'an')) {
            if ($words->is($i + 1, 'hundred')) {
                return [100, 1, $i + 2];
            }

            return [1, 1, $i + 1];
        }
        $spelt = NumberWords::at($words, $i);

        return null === $spelt ? null : self::withAndFraction($words, $spelt[0], $spelt[1], $unit);
    }

    /**
     * What follows a decimal point, up to four digits.
     *
     * @return array{int, int, int}|null
     */
    private static function decimals(Words $words, int $whole, int $point): ?array
    {
        $digits = $words->at($point + 1);
        $decimals = $words->touches($point) && \strlen($digits) <= 4 ? $words->number($point + 1) : null;
        if (null === $decimals) {
            return null;
        }
        $scale = 10 ** \strlen($digits);

        return [$whole * $scale + $decimals, $scale, $point + 2];
    }

    /** @return array{int, int, int} */
    private static function withAndFraction(Words $words, int $whole, int $next, bool $unit): array
    {
        $fraction = self::andFraction($words, $next);
        if (null !== $fraction && (!$unit || null !== $words->unit($fraction[2]))) {
            return [$whole * $fraction[1] + $fraction[0], $fraction[1], $fraction[2]];
        }

        return [$whole, 1, $next];
    }

    /**
     * "and a half", "and a quarter", "and three quarters", "and 1/2", "and ½".
     *
     * @return array{int, int, int}|null numerator, denominator, place after
     */
    public static function andFraction(Words $words, int $i): ?array
    {
        if (!$words->is($i, 'and', '&')) {
            return null;
        }
        if (Words::FRACTION === $words->type($i + 1)) {
            return [...self::FRACTIONS[$words->at($i + 1)] ?? [0, 1], $i + 2];
        }
        $top = $words->number($i + 1);
        $bottom = $words->is($i + 2, '/') ? $words->number($i + 3) : null;
        if (null !== $top && null !== $bottom && $top < $bottom && $bottom <= self::MOST_PARTS) {
            return [$top, $bottom, $i + 4];
        }

        return self::fraction($words, $i + 1);
    }

    /** @return array{int, int, int}|null */
    public static function fraction(Words $words, int $i): ?array
    {
        if ($words->is($i, 'a', 'one')) {
            $i = $words->is($i + 1, '-') ? $i + 2 : $i + 1;
        }
        if ($words->is($i, 'half')) {
            return [1, 2, $i + 1];
        }
        if ($words->is($i, 'quarter')) {
            return [1, 4, $i + 1];
        }
        $part = self::PARTS[$words->at($i)] ?? null;
        if (null !== $part) {
            return [1, $part, $i + 1];
        }
        if ($words->is($i, 'three', '3')) {
            $next = $words->is($i + 1, '-') ? $i + 2 : $i + 1;
            if ($words->is($next, 'quarters', 'quarter')) {
                return [3, 4, $next + 1];
            }
        }
        // two thirds, 7 tenths
        [$top, $next] = NumberWords::orDigitsAt($words, $i) ?? [0, $i];
        if ($top > 0 && $top < 1000) {
            $next = $words->is($next, '-') ? $next + 1 : $next;
            $plural = $words->at($next);
            $parts = 'halves' === $plural ? 2 : ('quarters' === $plural ? 4 : (str_ends_with($plural, 's') ? self::PARTS[substr($plural, 0, -1)] ?? null : null));

            return null === $parts ? null : [$top, $parts, $next + 1];
        }

        return null;
    }
}
