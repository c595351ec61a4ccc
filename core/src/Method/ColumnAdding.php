<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;

/**
 * Adding in columns, the smallest unit first, carrying at 60, 24, 7 or 12.
 *
 * @internal to the column method
 */
final class ColumnAdding
{
    /** @return list<int> the number in each column of the answer */
    public static function rows(ColumnPaper $paper, Style $style = new Style()): array
    {
        return $style->totalsFirst ? self::totalled($paper, null) : self::worked($paper, null, $style->converts);
    }

    /** @return list<int> the same for the first row taken so many times */
    public static function times(ColumnPaper $paper, int $times, Style $style = new Style()): array
    {
        return $style->totalsFirst ? self::totalled($paper, $times) : self::worked($paper, $times, $style->converts);
    }

    /**
     * Each column is totalled; then, from the smallest unit, what is too many is taken off and added to the next column.
     *
     * @return list<int> the number in each column of the answer
     */
    private static function totalled(ColumnPaper $paper, ?int $times): array
    {
        $found = array_fill(0, \count($paper->units), 0);
        for ($c = \count($paper->units) - 1; $c >= 0; --$c) {
            $unit = $paper->units[$c];
            [$sum, $written] = null === $times ? self::summed($paper, $c, 0) : self::multiplied($paper->numbers[0][$c] ?? 0, $times, 0);
            $found[$c] = $sum;
            $paper->answer($c, $sum);
            $paper->say(Marked::unit($unit, ucfirst($unit->words())).': '.$written.'.', $c);
        }
        for ($c = \count($paper->units) - 1; $c > 0; --$c) {
            [$unit, $larger, $limit] = [$paper->units[$c], $paper->units[$c - 1], $paper->units[$c]->perLarger()];
            $over = intdiv($found[$c], $limit);
            if (0 === $over) {
                continue;
            }
            [$off, $rest, $more] = [$over * $limit, $found[$c] - $over * $limit, $found[$c - 1] + $over];
            $paper->rough(\sprintf('%d − %d = %d', $found[$c], $off, $rest));
            $paper->rough(\sprintf('%d + %d = %d', $found[$c - 1], $over, $more));
            $paper->answer($c, $rest);
            $paper->answer($c - 1, $more);
            $paper->say(\sprintf(
                '%d is %d or more: take %s off, and add %s to the %s.',
                $found[$c],
                $limit,
                Marked::unit($unit, $off.' '.$unit->after($off)),
                Marked::unit($larger, $over.' '.$larger->after($over)),
                $larger->words(),
            ), $c);
            $found[$c] = $rest;
            $found[$c - 1] = $more;
        }

        return array_values($found);
    }

    /**
     * Adds the rows, smallest unit first; or multiplies the first row.
     *
     * @param ?int $times    how often the first row is taken; null to add the rows
     * @param bool $converts whether 85 min is turned into 1 h 25 min, rather than 60 taken away and 1 carried
     *
     * @return list<int> the number in each column of the answer
     */
    private static function worked(ColumnPaper $paper, ?int $times, bool $converts): array
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
                $paper->rough($converts
                    ? \sprintf('%d %s = %d %s %d %s', $sum, $unit->after($sum), $carried, $larger->after($carried), $rest, $unit->after($rest))
                    : \sprintf('%d − %d = %d', $sum, $carried * $limit, $rest));
                $paper->carry($c - 1, $carried);
                $paper->answer($c, $rest);
                $carry = Marked::unit($larger, $carried.' '.$larger->after($carried));
                $paper->say($converts
                    ? \sprintf(
                        'Turn it into %s: %s is %s %s. Write %s, and carry %s.',
                        $larger->words(),
                        Marked::unit($unit, $sum.' '.$unit->after($sum)),
                        $carry,
                        Marked::unit($unit, $rest.' '.$unit->after($rest)),
                        $paper->written($c, $rest),
                        $carry,
                    )
                    : \sprintf(
                        'Take %s away, write %s, and carry %s to the %s.',
                        Marked::unit($unit, ($carried * $limit).' '.$unit->after($carried * $limit)),
                        $paper->written($c, $rest),
                        $carry,
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
