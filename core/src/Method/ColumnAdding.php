<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;

/**
 * Adding in columns, the smallest unit first, carrying at 60, 24, 7 or 12.
 *
 * @internal to the column method
 */
final class ColumnAdding
{
    /** @return list<int> the number in each column of the answer */
    public static function rows(ColumnPaper $paper): array
    {
        return self::worked($paper, null);
    }

    /** @return list<int> the same for the first row taken so many times */
    public static function times(ColumnPaper $paper, int $times): array
    {
        return self::worked($paper, $times);
    }

    /**
     * Adds the rows, smallest unit first; or multiplies the first row.
     *
     * @param ?int $times how often the first row is taken; null to add the rows
     *
     * @return list<int> the number in each column of the answer
     */
    private static function worked(ColumnPaper $paper, ?int $times): array
    {
        $found = array_fill(0, \count($paper->units), 0);
        $carried = 0;
        for ($c = \count($paper->units) - 1; $c >= 0; --$c) {
            $unit = $paper->units[$c];
            [$sum, $written] = null === $times
                ? self::summed($paper, $c, $carried)
                : self::multiplied($paper->numbers[0][$c] ?? 0, $times, $carried);
            $first = $c === \count($paper->units) - 1 && $c > 0 ? ' first' : '';
            $limit = $c > 0 ? $unit->perLarger() : 0;
            $head = Marked::unit($unit, ucfirst($unit->words())).$first.': ';
            if ($limit > 0 && $sum >= $limit) {
                $carried = intdiv($sum, $limit);
                $rest = $sum % $limit;
                $larger = $paper->units[$c - 1];
                $paper->rough($written);
                $paper->say($head.$written.'. That is '.$limit.' or more.', $c);
                $paper->rough(\sprintf('%d − %d = %d', $sum, $carried * $limit, $rest));
                $paper->carry($c - 1, $carried);
                $paper->answer($c, $rest);
                $paper->say(\sprintf(
                    'Take %s away, write %s, and carry %s to the %s.',
                    Marked::unit($unit, ($carried * $limit).' '.$unit->after($carried * $limit)),
                    $paper->written($c, $rest),
                    Marked::unit($larger, $carried.' '.$larger->after($carried)),
                    $larger->words(),
                ), $c);
                $found[$c] = $rest;
            } else {
                $carried = 0;
                $paper->answer($c, $sum);
                $paper->say($head.$written.'.'.($limit > 0 ? ' Less than '.$limit.': nothing to carry.' : ''), $c);
                $found[$c] = $sum;
            }
        }

        return array_values($found);
    }

    /** @return array{int, string} the sum of a column and how it is written */
    private static function summed(ColumnPaper $paper, int $column, int $carried): array
    {
        $sum = 0;
        $terms = 0;
        $written = '';
        foreach ($paper->numbers as $row) {
            $number = $row[$column];
            if (0 !== $number) {
                $written .= (0 === $terms++ ? '' : ' + ').$number;
                $sum += $number;
            }
        }
        if (0 !== $carried) {
            $written .= (0 === $terms++ ? '' : ' + ').$carried;
            $sum += $carried;
        }

        return [$sum, $terms > 1 ? $written.' = '.$sum : (string) $sum];
    }

    /** @return array{int, string} the product and how it is written */
    private static function multiplied(int $number, int $times, int $carried): array
    {
        $sum = $number * $times + $carried;

        return [$sum, \sprintf('%d × %d%s = %d', $number, $times, 0 === $carried ? '' : ' + '.$carried, $sum)];
    }
}
