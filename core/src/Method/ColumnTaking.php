<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Sum\CannotBeDone;

/**
 * Taking away in columns, the smallest unit first, exchanging one of the larger unit for 60, 24, 7 or 12 where there
 * are too few.
 *
 * @internal to the column method
 */
final class ColumnTaking
{
    /**
     * Takes the second row from the first, smallest unit first, exchanging where there are too few.
     *
     * @return list<int> the number in each column of the answer
     */
    public static function rows(ColumnPaper $paper): array
    {
        $found = array_fill(0, \count($paper->units), 0);
        $first = \count($paper->units) > 1 ? ' first' : '';
        for ($c = \count($paper->units) - 1; $c >= 0; --$c) {
            $unit = $paper->units[$c];
            $bottom = $paper->numbers[1][$c] ?? 0;
            while ($paper->numbers[0][$c] < $bottom && $c > 0) {
                self::exchange($paper, $c, $bottom);
                $first = '';
            }
            $top = $paper->numbers[0][$c];
            $paper->answer($c, $top - $bottom);
            $found[$c] = $top - $bottom;
            [$within, $parts] = self::within($top, $bottom);
            if ([] !== $within) {
                $paper->exchangeWithin(0, $c, $within);
            }
            $paper->say(\sprintf(
                '%s%s: %d − %d = %d%s.',
                Marked::unit($unit, ucfirst($unit->words())),
                $first,
                $top,
                $bottom,
                $top - $bottom,
                [] === $within ? '' : \sprintf(', with %d as %s', $top, implode(' + ', $parts)),
            ), $c);
            $first = '';
        }

        return array_values($found);
    }

    /**
     * The ordinary exchange of tens within one column: 72 − 45 takes a ten of the 7 and has 6 tens and 12 ones.
     *
     * @param int $top at least as large as the bottom
     *
     * @return array{list<string>, list<int>} what stands above each digit of the top, '' where it stays, and what it is
     *                                        then made of: 60 and 12; both empty where nothing is exchanged
     */
    private static function within(int $top, int $bottom): array
    {
        $had = array_reverse(array_map(intval(...), str_split((string) $top)));
        $take = array_reverse(array_map(intval(...), str_split((string) $bottom)));
        $now = $had;
        foreach (array_keys($had) as $place) {
            if ($now[$place] < ($take[$place] ?? 0)) {
                for ($from = $place + 1; 0 === $now[$from]; ++$from) {
                    $now[$from] = 9;
                }
                --$now[$from];
                $now[$place] += 10;
            }
        }
        $lead = \count($had) - 1;
        if ($lead > 0 && 1 === $had[$lead] && 0 === $now[$lead] && $had[$lead - 1] + 10 === $now[$lead - 1]) {
            // the 10 of 102 is read as it stands
            [$now[$lead], $now[$lead - 1]] = [$had[$lead], $had[$lead - 1]];
        }
        if ($now === $had) {
            return [[], []];
        }
        $parts = [];
        foreach ($now as $place => $digit) {
            if (0 !== $digit) {
                array_unshift($parts, $digit * 10 ** $place);
            }
        }

        return [array_reverse(array_map(static fn (int $n, int $h): string => $n === $h ? '' : (string) $n, $now, $had)), $parts];
    }

    /** Takes one of a larger unit and writes it as 60 (24, 7, 12) of the smaller, through any column that stands at 0. */
    private static function exchange(ColumnPaper $paper, int $column, int $bottom): void
    {
        $from = $column - 1;
        while ($from > 0 && 0 === $paper->numbers[0][$from]) {
            --$from;
        }
        if ($paper->numbers[0][$from] < 1) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        for ($c = $from; $c < $column; ++$c) {
            $larger = $paper->units[$c];
            $smaller = $paper->units[$c + 1];
            $worth = $smaller->perLarger();
            $had = $paper->numbers[0][$c + 1];
            $why = $c + 1 === $column
                ? \sprintf('%d is more than %d', $bottom, $had)
                : \sprintf('There are no %s to exchange', $smaller->words());
            $paper->exchange(0, $c, $paper->numbers[0][$c] - 1);
            $paper->exchange(0, $c + 1, $had + $worth);
            $paper->rough(\sprintf('%d + %d = %d', $worth, $had, $had + $worth));
            $paper->say(\sprintf(
                '%s, so take %s and write it as %s: %d + %d = %d.',
                $why,
                Marked::unit($larger, '1 '.$larger->after(1)),
                Marked::unit($smaller, $worth.' '.$smaller->after($worth)),
                $worth,
                $had,
                $had + $worth,
            ), $c + 1);
        }
    }
}
