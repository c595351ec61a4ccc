<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Changed;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Hours and minutes (or other neighbouring units) in columns, the smaller unit first, with regrouping; times of day
 * as 24-hour times.
 */
final class ColumnMethod implements Method
{
    public function id(): string
    {
        return 'column';
    }

    public function title(): string
    {
        return 'Columns';
    }

    public function suits(Sum $sum): ?Suit
    {
        return match (true) {
            $sum instanceof Total => $sum->regroups()
                ? new Suit(80, $this->becauseOfTotal($sum))
                : new Suit(60, 'Nothing has to be regrouped: add each column by itself.'),
            $sum instanceof Difference => $sum->regroups()
                ? new Suit(70, $this->becauseOfDifference($sum))
                : new Suit(80, 'Nothing has to be exchanged: take away in each column by itself.'),
            $sum instanceof Product => new Suit($sum->regroups() ? 60 : 55, 'Multiply each column, the smaller unit first, and carry.'),
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
            $sum instanceof ClockMove => $this->move($sum, $writer),
            $sum instanceof Elapsed => $this->elapsed($sum, $writer),
            default => throw new \LogicException('Columns are not for this kind of sum.'),
        };
    }

    private function becauseOfTotal(Total $sum): string
    {
        $units = $this->units(...$sum->addends);
        foreach (array_reverse($units) as $unit) {
            $numbers = array_map(static fn (Amount $a): int => $a->number($unit), $sum->addends);
            $limit = $unit->perLarger();
            if ($limit > 0 && array_sum($numbers) >= $limit) {
                return \sprintf('%s make %d %s, which is %d or more: in columns you see what is carried.', implode(' and ', $numbers), array_sum($numbers), $unit->after(2), $limit);
            }
        }

        return 'In columns you see what is carried.';
    }

    private function becauseOfDifference(Difference $sum): string
    {
        foreach ($sum->take->parts as $part) {
            $has = $sum->from->number($part->unit);
            $larger = $part->unit->larger();
            if ($part->numerator > $has && null !== $larger) {
                return \sprintf('%d is more than %d, so one %s has to be exchanged: columns show how.', $part->numerator, $has, $larger->word());
            }
        }

        return 'In columns you see the exchange.';
    }

    private function total(Total $sum, Writer $writer): Working
    {
        $answer = $sum->answer();
        $units = $this->units($answer->amount, ...$sum->addends);
        $paper = new ColumnPaper($units, $this->rows($units, ...$sum->addends), '+', false);
        $paper->say($this->layOut($units));
        $found = $this->add($paper);

        return $this->concluded($paper, $found, $writer);
    }

    private function difference(Difference $sum, Writer $writer): Working
    {
        if ($sum->from->duration->compareTo($sum->take->duration) < 0) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $units = $this->units($sum->from, $sum->take);
        $paper = new ColumnPaper($units, $this->rows($units, $sum->from, $sum->take), '−', false);
        $paper->say($this->layOut($units));
        $found = $this->take($paper);

        return $this->concluded($paper, $found, $writer);
    }

    private function product(Product $sum, Writer $writer): Working
    {
        $units = $this->units($sum->answer()->amount, $sum->length);
        $rows = $this->rows($units, $sum->length);
        $multiplier = array_fill(0, \count($units), 0);
        $multiplier[\count($units) - 1] = $sum->times;
        $paper = new ColumnPaper($units, [...$rows, array_values($multiplier)], '×', false);
        $paper->say(\sprintf('%s Multiply every column by %d.', $this->layOut($units), $sum->times));
        $found = $this->add($paper, $sum->times);

        return $this->concluded($paper, $found, $writer);
    }

    private function elapsed(Elapsed $sum, Writer $writer): Working
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $row = static fn (StatedTime $t): array => [$t->time()->hour(), $t->time()->minute()];
        $paper = new ColumnPaper([Unit::Hour, Unit::Minute], [$row($sum->end), $row($sum->start)], '−', true);
        $paper->say($this->as24($writer, $sum->end, $sum->start).'The end goes on top, the start below.');
        if ($sum->overMidnight()) {
            $hour = $sum->end->time()->hour();
            $paper->exchange(0, 0, $hour + 24);
            $paper->rough(\sprintf('%d + 24 = %d', $hour, $hour + 24));
            $paper->say(\sprintf('The end is on the next day, so add %s: %d + 24 = %d.', Marked::hour('24 h'), $hour, $hour + 24), 0);
        }
        $found = $this->take($paper);
        $answer = new LengthAnswer(Amount::minutes($found[0] * 60 + $found[1]));
        $paper->say('It is '.$writer->answer($answer).'.');

        return new Working($this, $this->steps($paper), $answer);
    }

    private function move(ClockMove $sum, Writer $writer): Working
    {
        $turn = intdiv($sum->start->turn(), 60);
        $time = $sum->start->time();
        $hour = $sum->start->halfSaid ? $time->hour() : $time->hour12();
        $lowest = $sum->start->halfSaid ? 0 : 1;
        $length = [intdiv($sum->minutes(), 60), $sum->minutes() % 60];
        $forward = $sum->direction() > 0;
        $paper = new ColumnPaper([Unit::Hour, Unit::Minute], [[$hour, $time->minute()], $length], $forward ? '+' : '−', true);
        $paper->say($this->as24($writer, $sum->start).'Hours under hours, minutes under minutes.', -1, Changed::between($sum, 0, 0));

        $added = 0;
        if (!$forward) {
            while (($hour + $added) * 60 + $time->minute() - $sum->minutes() < $lowest * 60) {
                $added += $turn;
            }
            if (0 !== $added) {
                $paper->exchange(0, 0, $hour + $added);
                $paper->rough(\sprintf('%d + %d = %d', $hour, $added, $hour + $added));
                $paper->say(\sprintf(
                    '%s, so add %s first: %d + %d = %d.',
                    $sum->start->halfSaid ? 'This goes back past midnight' : 'This goes back past 12',
                    Marked::hour($added.' h'),
                    $hour,
                    $added,
                    $hour + $added,
                ), 0);
            }
        }
        [$hours, $minutes] = $forward ? $this->add($paper) : $this->take($paper);
        $taken = 0;
        while ($forward && $hours - $taken >= $turn + $lowest) {
            $taken += $turn;
        }
        if (0 !== $taken) {
            $paper->rough(\sprintf('%d − %d = %d', $hours, $taken, $hours - $taken));
            $paper->answer(0, $hours - $taken);
            $paper->say(\sprintf(
                '%d hours goes past %s, so take %s away: %d − %d = %d.',
                $hours,
                $sum->start->halfSaid ? 'midnight' : '12',
                Marked::hour($taken.' h'),
                $hours,
                $taken,
                $hours - $taken,
            ), 0);
        }
        $reached = $sum->start->halfSaid
            ? $this->stated($sum->start, ($hours - $taken) * 60 + $minutes)
            : StatedTime::open(($hours - $taken + 11) % 12 + 1, $minutes);
        $answer = new TimeAnswer($reached, $sum->start->halfSaid ? intdiv($taken, 24) - intdiv($added, 24) : 0);
        $twelve = ClockForm::Twelve === $sum->start->form && $sum->start->halfSaid && $writer->clock($reached->as24()) !== $writer->clock($reached);
        if ($twelve) {
            $paper->after($writer->clock($reached->as24()).' is '.$writer->answer($answer));
        }
        $paper->say(
            $twelve ? \sprintf('%s is %s.', $writer->clock($reached->as24()), $writer->answer($answer)) : 'The answer is '.$writer->answer($answer).'.',
            -1,
            Changed::by($sum),
        );

        return new Working($this, $this->steps($paper), $answer);
    }

    /**
     * Adds the rows, smallest unit first; or multiplies the first row.
     *
     * @param ?int $times how often the first row is taken; null to add the rows
     *
     * @return list<int> the number in each column of the answer
     */
    private function add(ColumnPaper $paper, ?int $times = null): array
    {
        $found = array_fill(0, \count($paper->units), 0);
        $carried = 0;
        for ($c = \count($paper->units) - 1; $c >= 0; --$c) {
            $unit = $paper->units[$c];
            [$sum, $written] = null === $times
                ? $this->summed(array_column($paper->numbers, $c), $carried)
                : $this->multiplied($paper->numbers[0][$c] ?? 0, $times, $carried);
            $first = $c === \count($paper->units) - 1 && $c > 0 ? ' first' : '';
            $limit = $c > 0 ? $unit->perLarger() : 0;
            $head = ucfirst(Marked::unit($unit, ucfirst($unit->words()))).$first.': ';
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

    /**
     * @param list<int> $numbers
     *
     * @return array{int, string} the sum and how it is written
     */
    private function summed(array $numbers, int $carried): array
    {
        $numbers = array_values(array_filter([...$numbers, $carried], static fn (int $n): bool => 0 !== $n));
        $sum = array_sum($numbers);

        return [$sum, \count($numbers) > 1 ? implode(' + ', $numbers).' = '.$sum : (string) $sum];
    }

    /** @return array{int, string} the product and how it is written */
    private function multiplied(int $number, int $times, int $carried): array
    {
        $sum = $number * $times + $carried;

        return [$sum, \sprintf('%d × %d%s = %d', $number, $times, 0 === $carried ? '' : ' + '.$carried, $sum)];
    }

    /**
     * Takes the second row from the first, smallest unit first, exchanging where there are too few.
     *
     * @return list<int> the number in each column of the answer
     */
    private function take(ColumnPaper $paper): array
    {
        $found = array_fill(0, \count($paper->units), 0);
        for ($c = \count($paper->units) - 1; $c >= 0; --$c) {
            $unit = $paper->units[$c];
            $bottom = $paper->numbers[1][$c] ?? 0;
            while ($paper->numbers[0][$c] < $bottom && $c > 0) {
                $this->exchange($paper, $c, $bottom);
            }
            $top = $paper->numbers[0][$c];
            $paper->answer($c, $top - $bottom);
            $found[$c] = $top - $bottom;
            $first = $c === \count($paper->units) - 1 && $c > 0 && [] === array_filter($paper->steps, static fn (Step $s): bool => str_contains($s->say, 'is more than')) ? ' first' : '';
            $paper->say(\sprintf('%s%s: %d − %d = %d.', Marked::unit($unit, ucfirst($unit->words())), $first, $top, $bottom, $top - $bottom), $c);
        }

        return array_values($found);
    }

    /** Takes one of a larger unit and writes it as 60 (24, 7, 12) of the smaller, through any column that stands at 0. */
    private function exchange(ColumnPaper $paper, int $column, int $bottom): void
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

        return new Working($this, $this->steps($paper), $answer);
    }

    /** @return non-empty-list<Step> */
    private function steps(ColumnPaper $paper): array
    {
        return [] === $paper->steps ? throw new \LogicException('A working has at least one step.') : $paper->steps;
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

    /** "Write 3:45 p.m. as 15:45. " for each 12-hour time after noon or in the first hour; nothing for the others. */
    private function as24(Writer $writer, StatedTime ...$times): string
    {
        $said = [];
        foreach ($times as $time) {
            if ($time->halfSaid && ClockForm::Twelve === $time->form && (HalfOfDay::Pm === $time->time()->half() || $time->minutes < 60)) {
                $said[] = $writer->time($time).' as '.$writer->clock($time->as24());
            }
        }

        return [] === $said ? '' : 'Write '.implode(' and ', $said).'. ';
    }

    private function stated(StatedTime $like, int $minutes): StatedTime
    {
        return $like->moved($minutes - $like->minutes);
    }
}
