<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\NotWhole;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;

/**
 * Reads a length of time: 2 h 30 min, 45.3 s, 2:45.3 on a stopwatch, 3½ hours, three and a half hours, 1.5 h, an hour and a quarter, three quarters
 * of an hour, 90 mins, 3h30, a fortnight, PT3H30M (ISO 8601).
 */
final class LengthReader
{
    /**
     * The longest length that begins at this place, or null.
     *
     * @param bool $beforeTo whether "to" follows by itself, as in "add 20 min to 3 pm", where no "20 min to 3" is meant
     * @param bool $inList   whether a comma or "and" ends it: "2 h, 30 min" is two lengths in a list and one elsewhere
     */
    public function at(Words $words, int $i, bool $inList = false, bool $beforeTo = false): ?LengthReading
    {
        $type = $words->type($i);
        if ($words->is($i, 'stopwatch')) {
            // said to be one, it is a length wherever it stands
            return $this->stopwatch($words, $i);
        }
        if (Words::ISO === $type) {
            return $this->iso($words, $i);
        }
        if (Words::NUMBER === $type && $words->is($i + 1, ':') && $words->is($i + 3, '.') && null !== $watch = $this->stopwatch($words, $i)) {
            // no clock shows a tenth
            return $watch;
        }
        if ('' === $type || Words::HALF === $type || (Words::SIGN === $type && '.' !== $words->at($i))) {
            return null;
        }
        try {
            return $this->pointed($words, $i) ?? $this->parts($words, $i, $inList, $beforeTo);
        } catch (TooLong $tooLong) {
            $words->complain('too-long-a-length', $tooLong->getMessage(), $i, '2 h 30 min', $this->afterParts($words, $i));
        } catch (MixedChains $mixed) {
            $words->complain('months-and-days', $mixed->getMessage(), $i, '2 months', $this->afterParts($words, $i));
        } catch (NotWhole $notWhole) {
            $words->complain('not-whole', $notWhole->getMessage().' Try a number that does.', $i, '1.5 h', $this->afterParts($words, $i));
        }

        return null;
    }

    /**
     * A stopwatch's reading: 1:05:30, with tenths of a second 1:05:30.4 and 2:45.3, and 2:45 where it is said to be one.
     * Null where none begins here.
     */
    public function stopwatch(Words $words, int $i): ?LengthReading
    {
        $said = $words->is($i, 'stopwatch');
        $numbers = [];
        $at = $said ? $i + 1 : $i;
        while (null !== $number = $words->number($at)) {
            if ([] !== $numbers && (2 !== \strlen($words->at($at)) || $number > 59)) {
                return null;
            }
            $numbers[] = $number;
            ++$at;
            if (!$words->is($at, ':') || !$words->touches($at - 1) || !$words->touches($at)) {
                break;
            }
            ++$at;
        }
        $tenths = $words->is($at, '.') && $words->touches($at - 1) && $words->touches($at) && 1 === \strlen($words->at($at + 1)) ? $words->number($at + 1) : null;
        $at += null === $tenths ? 0 : 2;
        $fewest = $said || null !== $tenths ? 2 : 3;
        if (\count($numbers) < $fewest || \count($numbers) > 3 || $numbers[0] > 99 || Words::HALF === $words->type($at)) {
            return null;
        }
        [$hours, $minutes, $seconds] = 3 === \count($numbers) ? $numbers : [0, ...$numbers];

        return new LengthReading(Amount::in(Duration::of(10 * (3600 * $hours + 60 * $minutes + $seconds) + ($tenths ?? 0), Chain::Clock), Unit::Hour, Unit::Minute, Unit::Second, Unit::Tenth), $at);
    }

    private function parts(Words $words, int $i, bool $inList, bool $beforeTo): ?LengthReading
    {
        $parts = [];
        $next = $i;
        while (null !== $part = $this->part($words, $next, [] === $parts ? null : $parts[array_key_last($parts)], $beforeTo)) {
            if ($inList && [] !== $parts && $words->is($next, ',', 'and', '&') && $part[0]->unit !== $parts[array_key_last($parts)]->unit) {
                break;
            }
            [$found, $after] = $part;
            foreach ($parts as $n => $earlier) {
                // an hour and a quarter is one length, 3 h 30 min 3½ h is not
                if ($earlier->unit === $found->unit && ($n !== array_key_last($parts) || ($found->isWhole() && $earlier->isWhole()))) {
                    $words->complain('unit-twice', \sprintf('%s are written twice in one length.', ucfirst($found->unit->words())), $i, \sprintf('%1$d %3$s + %2$d %3$s', intdiv($earlier->numerator, $earlier->denominator), intdiv($found->numerator, $found->denominator), $found->unit->after(2)), $after);

                    return null;
                }
            }
            $parts[] = $found;
            $next = $this->pastPoint($words, $after);
        }
        if ([] === $parts) {
            return null;
        }

        return new LengthReading(Amount::of(...$this->joinSameUnit($parts)), $next, $this->isClockLike($words, $i, $words->is($next - 1, '.') ? $next - 1 : $next));
    }

    /** A full stop that belongs to a shortened word, as in 1 hr. 30 min., where more follows. */
    private function pastPoint(Words $words, int $i): int
    {
        return $words->is($i, '.') && $words->touches($i - 1) ? $i + 1 : $i;
    }

    /** The place after all numbers and units from here on. */
    private function afterParts(Words $words, int $i): int
    {
        while (\in_array($words->type($i), [Words::NUMBER, Words::FRACTION], true) || $words->is($i, '.', '/', 'a', 'an', 'and', 'half') || null !== $words->unit($i)) {
            ++$i;
        }

        return $i;
    }

    /** 1400 hours, 12.30 hrs: so a 24-hour time may be written too. */
    private function isClockLike(Words $words, int $i, int $next): bool
    {
        $digits = $words->at($i);
        if ($next === $i + 2) {
            return !$words->fourAreHours && 4 === \strlen($digits) && ctype_digit($digits) && $words->isHourOfClock($i) && (int) $digits < 2400 && (int) $digits % 100 < 60;
        }

        return $next === $i + 4 && 2 === \strlen($digits) && ctype_digit($digits) && (int) $digits < 24 && $words->is($i + 1, '.') && 2 === \strlen($words->at($i + 2)) && (int) $words->at($i + 2) < 60
            && UnitWords::saysHours($words->at($i + 3));
    }

    /** 2.30 hrs, where the point is taken to stand before minutes; 2.30 min, where before seconds. */
    private function pointed(Words $words, int $i): ?LengthReading
    {
        if (Words::NUMBER !== $words->type($i) || !$words->is($i + 1, '.') || !$words->touches($i) || !$words->touches($i + 1)) {
            return null;
        }
        $unit = $words->unit($i + 3);
        $smaller = Unit::Hour === $unit || Unit::Minute === $unit ? $unit->smaller() : null;
        if (null === $unit || null === $smaller) {
            return null;
        }
        $hours = $words->number($i);
        $minutes = $words->number($i + 2);
        if (null === $hours || $hours > 99 || null === $minutes || 2 !== \strlen($words->at($i + 2)) || $minutes > 59) {
            return null;
        }
        $words->twoWays ??= $words->between($i, $i + 4);

        return $words->pointBeforeMinutes
            ? new LengthReading(Amount::of(AmountPart::whole($hours, $unit), AmountPart::whole($minutes, $smaller)), $i + 4, $this->isClockLike($words, $i, $i + 4))
            : null;
    }

    /**
     * One number with its unit.
     *
     * @return array{AmountPart, int}|null
     */
    private function part(Words $words, int $i, ?AmountPart $before, bool $beforeTo): ?array
    {
        $type = $words->type($i);
        if (Words::NUMBER === $type) {
            // the commonest by far: a number and its unit
            $unit = $words->unit($i + 1);
            $number = null === $unit || (!$beforeTo && $this->beginsSpokenTime($words, $i + 1)) ? null : ($words->number($i) ?? throw new TooLong());
            if (null !== $unit && null !== $number && (Unit::Hour !== $unit || ('and' !== $words->at($i + 2) && '&' !== $words->at($i + 2)))) {
                return [AmountPart::whole($number, $unit), $i + 2];
            }
        } elseif (Words::SIGN === $type && !$words->is($i, ',', '&', '.')) {
            return null;
        } elseif ('' === $type || Words::HALF === $type) {
            return null;
        }
        if (null !== $before) {
            $fraction = Quantity::andFraction($words, $i);
            if (null !== $fraction && !$this->isOfAnother($words, $fraction[2])) {
                return [AmountPart::fraction($fraction[0], $fraction[1], $before->unit, true), $fraction[2]];
            }
            if ($words->is($i, 'and', ',', '&')) {
                // "2 h, 30 min" is one length; "90 min, 1 h" is a list of two
                $next = $this->part($words, $i + 1, null, $beforeTo);

                return null !== $next && $next[0]->unit->size() < $before->unit->size() ? $next : null;
            }
        }
        $rest = $this->rest($words, $i, $before);
        if (null !== $rest) {
            return $rest;
        }
        $half = $this->fractionOf($words, $i);
        if (null !== $half) {
            return $half;
        }
        [$top, $bottom, $next] = Quantity::before($words, $i) ?? [0, 0, 0];
        if (0 === $next || $bottom < 1) {
            return null;
        }
        if ($bottom > 1 && $words->is($next, 'of') && $words->is($next + 1, 'a', 'an', 'one')) {
            // 3/4 of an hour
            $next += 2;
        }
        $unitWord = $words->at($next);
        $unit = $words->unit($next);
        if (UnitWords::isFortnight($unitWord)) {
            return [AmountPart::fraction(2 * $top, $bottom, Unit::Week, !self::hasPoint($words, $i, $next)), $next + 1];
        }
        if (null !== $unit && ($beforeTo || !$this->beginsSpokenTime($words, $next))) {
            return [AmountPart::fraction($top, $bottom, $unit, !self::hasPoint($words, $i, $next)), $next + 1];
        }

        return null;
    }

    /** Twenty minutes and half | an hour, 35 min and a quarter | of an hour: the fraction has a unit of its own. */
    private function isOfAnother(Words $words, int $i): bool
    {
        $i = $words->is($i, 'of') ? $i + 1 : $i;

        return null !== $words->unit($words->is($i, 'a', 'an', 'one') ? $i + 1 : $i);
    }

    /** Whether a number is written as a decimal. */
    private static function hasPoint(Words $words, int $from, int $to): bool
    {
        for ($i = $from; $i < $to; ++$i) {
            if ($words->is($i, '.', ',')) {
                return true;
            }
        }

        return false;
    }

    /**
     * 3h30, 1 hr 20: a number alone after hours is minutes, if it cannot be the start of something else.
     *
     * @return array{AmountPart, int}|null
     */
    private function rest(Words $words, int $i, ?AmountPart $before): ?array
    {
        $smaller = $before?->unit->smaller();
        $number = null === $smaller ? null : $words->number($i);
        if (null === $before || null === $smaller || Unit::Tenth === $smaller || null === $number || !$before->isWhole() || null !== $words->unit($i + 1)) {
            return null;
        }
        if (Words::FRACTION === $words->type($i + 1) || ($words->touches($i) && $words->is($i + 1, '/', '.', ',') && $words->touches($i + 1) && null !== $words->number($i + 2))) {
            return null;
        }

        return $words->touches($i - 1) || $this->endsLength($words, $i, $before->unit) ? [AmountPart::whole($number, $smaller), $i + 1] : null;
    }

    /** Whether a number of one or two digits after hours (or minutes) is followed by what can only follow a whole length. */
    private function endsLength(Words $words, int $i, Unit $before): bool
    {
        if (\strlen($words->at($i)) > 2 || (Unit::Hour !== $before && Unit::Minute !== $before)) {
            return false;
        }

        return $i + 1 === $words->count || $words->is($i + 1, '+', '-', '=', '?', '<', '>', 'plus', 'minus', 'in', 'after', 'before', 'later', 'earlier', 'from', 'than', 'divided', 'shared', 'equals')
            || ($words->is($i + 1, 'x', '/') && !$words->touches($i)) || ($words->is($i + 1, ',', '.') && !$words->touches($i + 1));
    }

    /**
     * "half an hour", "half hour", "a quarter of an hour", "three quarters of an hour", "half a day".
     *
     * @return array{AmountPart, int}|null
     */
    private function fractionOf(Words $words, int $i): ?array
    {
        $fraction = Quantity::fraction($words, $i);
        if (null === $fraction) {
            return null;
        }
        [$top, $bottom, $next] = $fraction;
        $bare = $words->unit($next);
        if (null !== $bare && !$this->beginsSpokenTime($words, $next)) {
            return [AmountPart::fraction($top, $bottom, $bare, true), $next + 1];
        }
        if ($words->is($next, 'of')) {
            ++$next;
        }
        $unit = $words->is($next, 'a', 'an', 'one') ? $words->unit($next + 1) : null;

        return null === $unit ? null : [AmountPart::fraction($top, $bottom, $unit, true), $next + 2];
    }

    /** "23 minutes to nine", "5 min past 3": the minutes belong to a time. "10 min to 20 min" does not occur. */
    private function beginsSpokenTime(Words $words, int $unitAt): bool
    {
        if (Unit::Minute !== $words->unit($unitAt)) {
            return false;
        }
        if ($words->is($unitAt + 1, 'past')) {
            return true;
        }
        // an hour that is named, and no unit (200 minutes to hours) nor the digits of a clock (add 20 minutes to 3:15)
        $hour = $words->is($unitAt + 1, 'to', 'till', 'of') ? $unitAt + 2 : 0;
        $named = 0 === $hour ? null : NumberWords::orDigitsAt($words, $hour);
        if (null === $named) {
            return 0 !== $hour && $words->is($hour, 'noon', 'midday', 'midnight');
        }

        return $named[0] <= 12 && null === $words->unit($named[1]) && !($words->is($named[1], ':', '.') && $words->touches($named[1] - 1) && Words::NUMBER === $words->type($named[1] + 1));
    }

    private function iso(Words $words, int $i): ?LengthReading
    {
        preg_match_all('/(t)|(\d+)([ymwdhs])/', $words->at($i), $found, \PREG_SET_ORDER);
        $counted = [];
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
            $counted[] = [\strlen($piece[2] ?? '') > 12 ? \PHP_INT_MAX : (int) ($piece[2] ?? 0), $unit];
        }
        if ([] === $counted) {
            return null;
        }
        try {
            $parts = array_map(static fn (array $one): AmountPart => AmountPart::whole(...$one), $counted);

            return new LengthReading(Amount::of(...$parts), $i + 1);
        } catch (MixedChains $mixed) {
            $words->complain('months-and-days', $mixed->getMessage(), $i, 'PT3H30M');
        } catch (TooLong $tooLong) {
            $words->complain('too-long-a-length', $tooLong->getMessage(), $i, 'PT3H30M');
        }

        return null;
    }

    /**
     * "an hour and a quarter" was read as 1 h and 1/4 h.
     *
     * @param non-empty-list<AmountPart> $parts
     *
     * @return non-empty-list<AmountPart>
     *
     * @throws NotWhole
     */
    private function joinSameUnit(array $parts): array
    {
        $joined = [];
        foreach ($parts as $part) {
            $last = array_key_last($joined);
            if (null !== $last && $joined[$last]->unit === $part->unit) {
                $a = $joined[$last];
                if ($a->denominator * $part->denominator > 1_000_000) {
                    throw NotWhole::amount($part->unit->chain());
                }
                $joined[$last] = AmountPart::fraction(
                    $a->numerator * $part->denominator + $part->numerator * $a->denominator,
                    max(1, $a->denominator * $part->denominator),
                    $part->unit,
                    $a->asFraction || $part->asFraction,
                );
            } else {
                $joined[] = $part;
            }
        }

        return array_values($joined);
    }
}
