<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Hours and minutes (or other neighbouring units) in columns, the smaller unit first, with regrouping; times of day
 * as 24-hour times.
 */
final class ColumnMethod implements Method
{
    public const ID = 'column';

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Columns';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof Total => $sum->regroups()
                ? new Suit(80, $this->becauseOfTotal($sum))
                : new Suit(60, 'Nothing has to be regrouped: add each column on its own.'),
            $sum instanceof Difference => $sum->regroups()
                ? new Suit(70, $this->becauseOfDifference($sum))
                : new Suit(80, 'Each column has enough: take away in each on its own.'),
            $sum instanceof Product => new Suit($sum->regroups() ? 60 : 55, $sum->regroups() ? 'Multiply each column, the smallest unit first, and carry.' : 'Multiply each column on its own: nothing is carried.'),
            $sum instanceof SecondMove, $sum instanceof SecondElapsed => [] === array_filter($sum->times(), static fn (StatedTime $t): bool => !$t->halfSaid) ? new Suit(40, 'Columns work with 24-hour times.') : null,
            $sum instanceof ClockMove => new Suit(30, 'Columns work with 24-hour times.'),
            $sum instanceof Elapsed => new Suit($sum->overMidnight() ? 20 : 40, 'Columns work with 24-hour times.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof Total => $this->total($sum, $writer),
            $sum instanceof Difference => $this->difference($sum, $writer),
            $sum instanceof Product => $this->product($sum, $writer),
            $sum instanceof SecondMove, $sum instanceof SecondElapsed => ColumnSeconds::work($this, $sum, $writer),
            $sum instanceof ClockMove => ColumnClock::move($this, $sum, $writer),
            $sum instanceof Elapsed => ColumnClock::elapsed($this, $sum, $writer),
            default => throw new \LogicException('Columns are not for this kind of sum.'),
        };
    }

    private function becauseOfTotal(Total $sum): string
    {
        $units = $this->units(...$sum->addends);
        foreach (array_reverse($units) as $unit) {
            $numbers = array_values(array_filter(array_map(static fn (Amount $a): int => $a->number($unit), $sum->addends)));
            $limit = $unit->perLarger();
            if ($limit > 0 && array_sum($numbers) >= $limit) {
                return 1 === \count($numbers)
                    ? \sprintf('%d %s is %d or more: in columns you see what is carried.', $numbers[0], $unit->after(2), $limit)
                    : \sprintf('%s make %d %s, which is %d or more: in columns you see what is carried.', PartsMethod::listed($numbers), array_sum($numbers), $unit->after(2), $limit);
            }
        }

        return 'In columns you see what is carried.';
    }

    private function becauseOfDifference(Difference $sum): string
    {
        [$from, $take] = $this->fitted($sum);
        foreach (array_reverse($take->parts) as $part) {
            $has = $from->number($part->unit);
            $larger = $part->unit->larger();
            if ($part->numerator > $has && null !== $larger) {
                return \sprintf('%d is more than %d, so one %s has to be regrouped: columns show how.', $part->numerator, $has, $larger->word());
            }
        }

        return 'In columns you see each unit under its own kind.';
    }

    private function total(Total $sum, Writer $writer): Working
    {
        $answer = $sum->answer();
        $units = $this->units($answer->amount, ...$sum->addends);
        $paper = new ColumnPaper($units, $this->rows($units, ...$sum->addends), '+', false);
        $paper->say($this->layOut($units));
        $found = ColumnAdding::rows($paper, $writer->style);

        return $this->concluded($paper, $found, $writer);
    }

    private function difference(Difference $sum, Writer $writer): Working
    {
        if ($sum->from->duration->compareTo($sum->take->duration) < 0) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $units = $this->units($sum->from, $sum->take);
        [$from, $take] = $this->fitted($sum);
        $paper = new ColumnPaper($units, $this->rows($units, $from, $take), '−', false);
        $paper->say($this->rewritten($sum->from, $from, $writer).$this->rewritten($sum->take, $take, $writer).$this->layOut($units));
        $found = ColumnTaking::rows($paper);

        return $this->concluded($paper, $found, $writer);
    }

    /**
     * Both lengths as they can be set under each other: 90 min as 1 h 30 min, where there would be no hour to take 1 h
     * from. What can stand as it is stays.
     *
     * @return array{Amount, Amount}
     */
    private function fitted(Difference $sum): array
    {
        $units = $this->units($sum->from, $sum->take);
        $take = $this->overflows($sum->take, $units[0]) ? Amount::in($sum->take->duration, ...$units) : $sum->take;
        if (!$this->overflows($sum->from, $units[0])) {
            return [$sum->from, $take];
        }
        foreach ($take->parts as $part) {
            if ($part->numerator > $sum->from->number($part->unit)) {
                return [Amount::in($sum->from->duration, ...$units), $take];
            }
        }

        return [$sum->from, $take];
    }

    /** Whether a number stands in it that makes one or more of a larger unit that has a column. */
    private function overflows(Amount $amount, Unit $largest): bool
    {
        foreach ($amount->parts as $part) {
            if ($part->unit->size() < $largest->size() && $part->numerator >= $part->unit->perLarger()) {
                return true;
            }
        }

        return false;
    }

    private function rewritten(Amount $given, Amount $fitted, Writer $writer): string
    {
        return $given === $fitted ? '' : \sprintf('Write %s as %s. ', $writer->amount($given), $writer->amount($fitted));
    }

    private function product(Product $sum, Writer $writer): Working
    {
        $units = $this->units($sum->answer()->amount, $sum->length);
        $rows = $this->rows($units, $sum->length);
        $multiplier = array_fill(0, \count($units), 0);
        $multiplier[\count($units) - 1] = $sum->times;
        $paper = new ColumnPaper($units, [...$rows, array_values($multiplier)], '×', false);
        $paper->say(\sprintf('%s Multiply every column by %d.', $this->layOut($units), $sum->times));
        $found = ColumnAdding::times($paper, $sum->times, $writer->style);

        return $this->concluded($paper, $found, $writer);
    }

    /** @param list<int> $found by column */
    private function concluded(ColumnPaper $paper, array $found, Writer $writer): Working
    {
        $count = 0;
        $asWritten = [];
        foreach ($paper->units as $c => $unit) {
            $count += $found[$c] * $unit->size();
            if (0 !== $found[$c]) {
                $asWritten[] = Marked::unit($unit, $found[$c].' '.$unit->after($found[$c]));
            }
        }
        $answer = new LengthAnswer(Amount::usual(Duration::of($count, $paper->units[0]->chain()), $paper->units[0]));
        $text = $writer->answer($answer);
        $written = implode(' ', $asWritten);
        if ('' !== $written && Marked::plain($written) !== Marked::plain($text)) {
            $paper->after($written.' is '.$text);
            $paper->say(\sprintf('%s is %s.', $written, $text));
        } else {
            $paper->say('The answer is '.$text.'.');
        }

        return $paper->working($this, $answer);
    }

    /** @return non-empty-list<Unit> every unit from the largest to the smallest that occurs, none left out between */
    private function units(Amount $first, Amount ...$more): array
    {
        $largest = $first->largest();
        $smallest = $first->smallest();
        foreach ($more as $amount) {
            $largest = $amount->largest()->size() > $largest->size() ? $amount->largest() : $largest;
            $smallest = $amount->smallest()->size() < $smallest->size() ? $amount->smallest() : $smallest;
        }
        $units = [$largest];
        $unit = $largest;
        while ($unit !== $smallest && null !== $unit = $unit->smaller()) {
            $units[] = $unit;
        }

        return $units;
    }

    /**
     * @param list<Unit> $units
     *
     * @return list<list<int>>
     */
    private function rows(array $units, Amount ...$amounts): array
    {
        return array_map(
            static fn (Amount $a): array => array_map(static fn (Unit $u): int => $a->number($u), $units),
            array_values($amounts),
        );
    }

    /** @param list<Unit> $units */
    private function layOut(array $units): string
    {
        return implode(', ', array_map(
            static fn (Unit $u, int $i): string => Marked::unit($u, 0 === $i ? ucfirst($u->words()) : $u->words()).' under '.Marked::unit($u, $u->words()),
            $units,
            array_keys($units),
        )).'.';
    }
}
