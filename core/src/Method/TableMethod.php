<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\TableColumn;
use Rostik\Core\Picture\TablePicture;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\ConversionAnswer;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/** A two-row table with its rule, from 1 upwards, for two neighbouring units. For conversion and comparison. */
final class TableMethod implements Method
{
    /** The longest table that anybody would write. */
    private const LONGEST = 12;

    /** A table of so many columns is soon written; beyond, multiplying or dividing is quicker. Common practice, no source. */
    private const SHORT = 5;

    public function id(): string
    {
        return 'table';
    }

    public function title(): string
    {
        return 'Table';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $units = $this->units($sum);
        if (null === $units) {
            return null;
        }
        [$larger, $smaller, $columns] = $units;

        return new Suit($columns > self::SHORT ? 55 : 70, match (true) {
            1 === $columns => \sprintf('The table of %s and %s has only one column: × %d.', $larger->words(), $smaller->words(), $smaller->perLarger()),
            $columns > self::SHORT => \sprintf('The table of %s and %s has %d columns: × %d each time.', $larger->words(), $smaller->words(), $columns, $smaller->perLarger()),
            default => \sprintf('The table of %s and %s is short, %d columns: × %d each time.', $larger->words(), $smaller->words(), $columns, $smaller->perLarger()),
        });
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        [$larger, $smaller, $columns] = $this->units($sum) ?? throw new \LogicException('A table needs two neighbouring units.');
        $per = $smaller->perLarger();
        $count = static fn (int $n, Unit $unit): string => Marked::unit($unit, $n.' '.$unit->after($n));
        $drawn = static fn (int $n, bool $found, string $below, string $rule): TablePicture => new TablePicture(
            Marked::unit($larger, $larger->after(2)),
            Marked::unit($smaller, $smaller->after(2)),
            $rule,
            array_map(static fn (int $i): TableColumn => new TableColumn($i, $i * $per, $found && $i === $n), $n > 0 ? range(1, $n) : []),
            $below,
        );
        $table = static fn (int $n, bool $found, string $below): TablePicture => $drawn($n, $found, $below, '× '.$per);
        // the class finds the rule before it is said
        $steps = [new Step(\sprintf('%s is %s.', ucfirst($count(1, $larger)), $count($per, $smaller)), $drawn(min(1, $columns), false, '', '?'))];
        for ($n = 2; $n <= $columns; ++$n) {
            $steps[] = new Step(\sprintf('%s: %s.', $count($n, $larger), $count($n * $per, $smaller)), $drawn($n, $n === $columns, '', '?'));
        }
        $steps[] = new Step(\sprintf('What is the rule from the upper row to the lower? It is × %d.', $per), $table($columns, true, ''));
        if ($sum instanceof Comparison) {
            return $this->compared($sum, $steps, $table, $columns, $smaller, $writer);
        }
        if (!$sum instanceof Conversion) {
            throw new \LogicException('A table is for conversion and comparison.');
        }
        $rest = intdiv($sum->amount->duration->count, $smaller->size()) - $columns * $per;
        $answer = $this->toSmaller($sum)
            ? new ConversionAnswer([AmountPart::whole($columns * $per + $rest, $smaller)])
            : new ConversionAnswer(0 === $rest && 1 === \count($sum->units)
                ? [AmountPart::whole($columns, $larger)]
                : [AmountPart::whole($columns, $larger), AmountPart::whole($rest, $smaller)]);
        $below = $this->toSmaller($sum) && $rest > 0
            ? \sprintf('%d + %d = %s', $columns * $per, $rest, $count($columns * $per + $rest, $smaller))
            : ($rest > 0 ? \sprintf('%d − %d = %s', $columns * $per + $rest, $columns * $per, $count($rest, $smaller)) : '');
        if ('' !== $below) {
            $steps[] = new Step($this->toSmaller($sum) ? 'Add what is left over: '.$below.'.' : 'What is left: '.$below.'.', $table($columns, true, $below));
        }
        $steps[] = new Step(\sprintf('%s is %s.', $writer->amount($sum->amount), $writer->answer($answer)), $table($columns, true, $below));

        return new Working($this, $steps, $answer);
    }

    /**
     * @param non-empty-list<Step>                      $steps
     * @param \Closure(int, bool, string): TablePicture $table
     */
    private function compared(Comparison $sum, array $steps, \Closure $table, int $columns, Unit $smaller, Writer $writer): Working
    {
        $left = intdiv($sum->left->duration->count, $smaller->size());
        $right = intdiv($sum->right->duration->count, $smaller->size());
        $sign = $left < $right ? '<' : ($left > $right ? '>' : '=');
        $number = static fn (int $n): string => Marked::unit($smaller, $n.' '.$smaller->after($n));
        $steps[] = new Step(\sprintf(
            'Only one of them had to be changed: %s is %s %s, so %s %s %s.',
            $number($left),
            '<' === $sign ? 'less than' : ('>' === $sign ? 'more than' : 'the same as'),
            $number($right),
            $writer->amount($sum->left),
            $sign,
            $writer->amount($sum->right),
        ), $table($columns, true, $number($left).' '.$sign.' '.$number($right)));

        return new Working($this, $steps, new SignAnswer($sign));
    }

    /**
     * The larger and the smaller unit, and how many columns the table needs; null where a table does not help.
     *
     * @return array{Unit, Unit, int}|null
     */
    private function units(Sum $sum): ?array
    {
        if ($sum instanceof Comparison) {
            [$a, $b] = [$sum->left, $sum->right];
            if (!$this->isOne($a) || !$this->isOne($b)) {
                return null;
            }
            [$big, $small] = $a->largest()->size() > $b->largest()->size() ? [$a, $b] : [$b, $a];

            return $this->table($big->largest(), $small->largest(), $big->number($big->largest()));
        }
        if (!$sum instanceof Conversion || !$sum->isExact() || $sum->hasPart() || !$sum->amount->isWhole()) {
            return null;
        }
        if ($this->toSmaller($sum)) {
            return $this->table($sum->amount->largest(), $sum->units[0], $sum->amount->number($sum->amount->largest()));
        }
        if (!$this->isOne($sum->amount) || \count($sum->units) > 2) {
            return null;
        }
        $larger = $sum->units[0];
        $smaller = $sum->amount->largest();
        $columns = intdiv($sum->amount->duration->count, $larger->size());
        if (isset($sum->units[1]) ? $sum->units[1] !== $smaller : $columns * $larger->size() !== $sum->amount->duration->count) {
            return null;
        }

        return $this->table($larger, $smaller, $columns);
    }

    /** @return array{Unit, Unit, int}|null */
    private function table(Unit $larger, Unit $smaller, int $columns): ?array
    {
        return $larger->smaller() === $smaller && $columns >= 1 && $columns <= self::LONGEST ? [$larger, $smaller, $columns] : null;
    }

    private function toSmaller(Conversion $sum): bool
    {
        return 1 === \count($sum->units) && $sum->units[0] === $sum->amount->largest()->smaller()
            && (1 === \count($sum->amount->parts) || $sum->amount->smallest() === $sum->units[0]) && 2 >= \count($sum->amount->parts);
    }

    private function isOne(Amount $amount): bool
    {
        return 1 === \count($amount->parts) && $amount->isWhole();
    }
}
