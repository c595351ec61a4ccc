<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\NotWhole;
use Rostik\Core\Time\Unit;

/**
 * Reads a length of time: 2 h 30 min, 2½ hours, two and a half hours, 1.5 h, an hour and a quarter, three quarters
 * of an hour, 90 mins, 2h30, a fortnight, PT2H30M (ISO 8601).
 */
final class LengthReader
{
    private const FRACTIONS = ['½' => [1, 2], '¼' => [1, 4], '¾' => [3, 4], '⅓' => [1, 3], '⅔' => [2, 3], '⅕' => [1, 5], '⅖' => [2, 5], '⅗' => [3, 5], '⅘' => [4, 5], '⅙' => [1, 6], '⅚' => [5, 6], '⅛' => [1, 8], '⅜' => [3, 8], '⅝' => [5, 8], '⅞' => [7, 8]];

    /**
     * The longest length that begins at this place, or null.
     *
     * @param bool $inList whether a comma ends it: "2 h, 30 min" is two lengths in a list and one elsewhere
     */
    public function at(Words $words, int $i, bool $inList = false): ?LengthReading
    {
        if (Words::ISO === $words->type($i)) {
            return $this->iso($words, $i);
        }
        $parts = [];
        $next = $i;
        while (!($inList && $words->is($next, ',')) && null !== $part = $this->part($words, $next, [] === $parts ? null : $parts[array_key_last($parts)])) {
            [$found, $next] = $part;
            foreach ($parts as $earlier) {
                if ($earlier->unit === $found->unit && $found->isWhole() && $earlier->isWhole()) {
                    $words->complain('unit-twice', \sprintf('%s are written twice in one length.', ucfirst($found->unit->words())), $i, '2 h 30 min + 1 h 15 min');

                    return null;
                }
            }
            $parts[] = $found;
        }
        if ([] === $parts) {
            return null;
        }
        $parts = $this->joinSameUnit($parts);
        try {
            return new LengthReading(Amount::of(...$parts), $next);
        } catch (MixedChains $mixed) {
            $words->complain('months-and-days', $mixed->getMessage(), $i, '1 year 4 months + 9 months');
        } catch (NotWhole $notWhole) {
            $words->complain('not-whole', $notWhole->getMessage().' Try a number that does.', $i, '1.5 h + 20 min');
        }

        return null;
    }

    /**
     * One number with its unit.
     *
     * @return array{AmountPart, int}|null
     */
    private function part(Words $words, int $i, ?AmountPart $before): ?array
    {
        $type = $words->type($i);
        if (Words::NUMBER === $type) {
            // the commonest by far: a number and its unit
            $unit = UnitWords::unit($words->at($i + 1));
            $number = null === $unit || $this->beginsSpokenTime($words, $i + 1) ? null : $words->number($i);
            if (null !== $unit && null !== $number && (Unit::Hour !== $unit || 'and' !== $words->at($i + 2))) {
                return [AmountPart::whole($number, $unit), $i + 2];
            }
        } elseif (Words::SIGN === $type && ',' !== $words->at($i) && '&' !== $words->at($i)) {
            return null;
        } elseif ('' === $type || Words::HALF === $type) {
            return null;
        }
        if (null !== $before) {
            $fraction = $this->andFraction($words, $i);
            if (null !== $fraction) {
                return [AmountPart::fraction($fraction[0], $fraction[1], $before->unit), $fraction[2]];
            }
            if ($words->is($i, 'and', ',', '&')) {
                // "2 h, 30 min" is one length; "90 min, 1 h" is a list of two
                $next = $this->part($words, $i + 1, null);

                return null !== $next && $next[0]->unit->size() < $before->unit->size() ? $next : null;
            }
        }
        $half = $this->fractionOf($words, $i);
        if (null !== $half) {
            return $half;
        }
        [$top, $bottom, $next] = $this->quantity($words, $i) ?? [0, 0, 0];
        if (0 === $next || $bottom < 1) {
            return null;
        }
        $unitWord = $words->at($next);
        $unit = UnitWords::unit($unitWord);
        if (UnitWords::isFortnight($unitWord)) {
            return [AmountPart::fraction(2 * $top, $bottom, Unit::Week), $next + 1];
        }
        if (null !== $unit && !$this->beginsSpokenTime($words, $next)) {
            return [AmountPart::fraction($top, $bottom, $unit), $next + 1];
        }
        // 2h30: a number alone after hours is minutes, if it cannot be the start of something else
        if (null === $unit && null !== $before && $before->isWhole() && null !== $before->unit->smaller() && 1 === $bottom
            && $words->touches($i - 1) && Words::NUMBER === $words->type($i)) {
            return [AmountPart::whole($top, $before->unit->smaller()), $next];
        }

        return null;
    }

    /**
     * A number as written before a unit: 2, 2.5, 2½, ½, 1/2, two, two and a half, a, an.
     *
     * @return array{int, int, int}|null numerator, denominator, place after
     */
    private function quantity(Words $words, int $i): ?array
    {
        if (Words::FRACTION === $words->type($i)) {
            return [...self::FRACTIONS[$words->at($i)] ?? [0, 0], $i + 1];
        }
        $whole = $words->number($i);
        if (null !== $whole) {
            if (Words::FRACTION === $words->type($i + 1)) {
                [$top, $bottom] = self::FRACTIONS[$words->at($i + 1)] ?? [0, 1];

                return [$whole * $bottom + $top, $bottom, $i + 2];
            }
            if ($words->is($i + 1, '.', ',') && $words->touches($i) && $words->touches($i + 1) && \strlen($words->at($i + 2)) <= 4) {
                $decimals = $words->number($i + 2);
                if (null !== $decimals) {
                    $scale = 10 ** \strlen($words->at($i + 2));

                    return [$whole * $scale + $decimals, $scale, $i + 3];
                }
            }
            $bottom = $words->is($i + 1, '/') ? $words->number($i + 2) : null;
            if (null !== $bottom && $bottom > 0) {
                return [$whole, $bottom, $i + 3];
            }
            $second = $words->number($i + 1);
            $bottom = $words->is($i + 2, '/') ? $words->number($i + 3) : null;
            if (null !== $second && null !== $bottom && $bottom > 0) {
                return [$whole * $bottom + $second, $bottom, $i + 4];
            }

            return $this->withAndFraction($words, $whole, $i + 1);
        }
        if ($words->is($i, 'a', 'an')) {
            return [1, 1, $i + 1];
        }
        $spelt = NumberWords::at($words, $i);

        return null === $spelt ? null : $this->withAndFraction($words, $spelt[0], $spelt[1]);
    }

    /** @return array{int, int, int} */
    private function withAndFraction(Words $words, int $whole, int $next): array
    {
        $fraction = $this->andFraction($words, $next);
        if (null !== $fraction && null !== UnitWords::unit($words->at($fraction[2]))) {
            return [$whole * $fraction[1] + $fraction[0], $fraction[1], $fraction[2]];
        }

        return [$whole, 1, $next];
    }

    /**
     * "and a half", "and a quarter", "and three quarters".
     *
     * @return array{int, int, int}|null numerator, denominator, place after
     */
    private function andFraction(Words $words, int $i): ?array
    {
        return $words->is($i, 'and') ? $this->fraction($words, $i + 1) : null;
    }

    /** @return array{int, int, int}|null */
    private function fraction(Words $words, int $i): ?array
    {
        if ($words->is($i, 'a', 'one')) {
            ++$i;
        }
        if ($words->is($i, 'half')) {
            return [1, 2, $i + 1];
        }
        if ($words->is($i, 'quarter')) {
            return [1, 4, $i + 1];
        }
        if ($words->is($i, 'three', '3')) {
            $next = $words->is($i + 1, '-') ? $i + 2 : $i + 1;
            if ($words->is($next, 'quarters')) {
                return [3, 4, $next + 1];
            }
        }

        return null;
    }

    /**
     * "half an hour", "a quarter of an hour", "three quarters of an hour", "half a day".
     *
     * @return array{AmountPart, int}|null
     */
    private function fractionOf(Words $words, int $i): ?array
    {
        $fraction = $this->fraction($words, $i);
        if (null === $fraction) {
            return null;
        }
        [$top, $bottom, $next] = $fraction;
        if ($words->is($next, 'of')) {
            ++$next;
        }
        $unit = $words->is($next, 'a', 'an', 'one') ? UnitWords::unit($words->at($next + 1)) : null;

        return null === $unit ? null : [AmountPart::fraction($top, $bottom, $unit), $next + 2];
    }

    /** "18 minutes to eight", "5 min past 3": the minutes belong to a time. "10 min to 20 min" does not occur. */
    private function beginsSpokenTime(Words $words, int $unitAt): bool
    {
        return Unit::Minute === UnitWords::unit($words->at($unitAt)) && $words->is($unitAt + 1, 'past', 'to');
    }

    private function iso(Words $words, int $i): ?LengthReading
    {
        preg_match_all('/(t)|(\d{1,9})([ymwdhs])/', $words->at($i), $found, \PREG_SET_ORDER);
        $parts = [];
        $inTime = false;
        foreach ($found as $piece) {
            if ('t' === $piece[0]) {
                $inTime = true;
                continue;
            }
            $unit = match ($piece[3] ?? '') {
                'y' => Unit::Year,
                'm' => $inTime ? Unit::Minute : Unit::Month,
                'w' => Unit::Week,
                'd' => Unit::Day,
                'h' => Unit::Hour,
                default => Unit::Second,
            };
            $parts[] = AmountPart::whole((int) ($piece[2] ?? 0), $unit);
        }
        if ([] === $parts) {
            return null;
        }
        try {
            return new LengthReading(Amount::of(...$parts), $i + 1);
        } catch (MixedChains $mixed) {
            $words->complain('months-and-days', $mixed->getMessage(), $i, 'PT2H30M + 20 min');

            return null;
        }
    }

    /**
     * "an hour and a quarter" was read as 1 h and 1/4 h.
     *
     * @param non-empty-list<AmountPart> $parts
     *
     * @return non-empty-list<AmountPart>
     */
    private function joinSameUnit(array $parts): array
    {
        $joined = [];
        foreach ($parts as $part) {
            $last = array_key_last($joined);
            if (null !== $last && $joined[$last]->unit === $part->unit) {
                $a = $joined[$last];
                $joined[$last] = AmountPart::fraction(
                    $a->numerator * $part->denominator + $part->numerator * $a->denominator,
                    max(1, $a->denominator * $part->denominator),
                    $part->unit,
                );
            } else {
                $joined[] = $part;
            }
        }

        return array_values($joined);
    }
}
