<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\LengthChain;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/** Everything in the smaller unit, calculate, convert back. Times of day count in minutes after midnight. */
final class AllMinutesMethod implements Method
{
    public function id(): string
    {
        return 'all-minutes';
    }

    public function title(): string
    {
        return 'All in one unit';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof Total, $sum instanceof Difference => new Suit(30, 'In one unit they are calculated like any numbers.'),
            $sum instanceof Product => new Suit(50, 'In one unit it is multiplied like any number.'),
            $sum instanceof Grouping => new Suit(80, 'In the same unit it is seen how often the one goes into the other.'),
            $sum instanceof Share => new Suit(80, 'In a smaller unit the sharing comes out at once.'),
            $sum instanceof ClockMove, $sum instanceof Elapsed => new Suit(10, 'Minutes after midnight are calculated like any numbers.'),
            $sum instanceof Comparison => $sum->left->duration->chain === $sum->right->duration->chain ? new Suit(50, 'In the same unit the numbers alone decide.') : null,
            $sum instanceof LengthChain => new Suit(40, 'In one unit they are calculated like any numbers.'),
            $sum instanceof FractionalProduct => new Suit(50, 'In one unit it is multiplied like any number.'),
            $sum instanceof SpanComparison && [] === array_filter($sum->times(), static fn (StatedTime $t): bool => !$t->halfSaid) => new Suit(60, 'When it is known how long it is, the numbers alone decide.'),
            $sum instanceof Order => [] !== $sum->lengths ? new Suit(50, 'In the same unit the numbers alone decide.') : null,
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $answer = match (true) {
            $sum instanceof Total => $this->total($sum, $lines, $writer),
            $sum instanceof Difference => $this->difference($sum, $lines, $writer),
            $sum instanceof Product => $this->product($sum, $lines, $writer),
            $sum instanceof Share => $this->share($sum, $lines, $writer),
            $sum instanceof Grouping => $this->grouping($sum, $lines, $writer),
            $sum instanceof ClockMove => $this->move($sum, $lines, $writer),
            $sum instanceof Elapsed => $this->elapsed($sum, $lines, $writer),
            $sum instanceof Comparison => $this->comparison($sum, $lines, $writer),
            $sum instanceof LengthChain => $this->chain($sum, $lines, $writer),
            $sum instanceof FractionalProduct => $this->fractional($sum, $lines, $writer),
            $sum instanceof SpanComparison => $this->spans($sum, $lines, $writer),
            $sum instanceof Order => $this->order($sum, $lines, $writer),
            default => throw new \LogicException('One unit alone is not for this kind of sum.'),
        };

        return $lines->working($this, $answer);
    }

    private function total(Total $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $this->smallest(...$sum->addends);
        $numbers = array_map(fn (Amount $a): int => $this->convert($a, $unit, $lines, $writer), $sum->addends);
        $total = array_sum($numbers);
        $lines->add(implode(' + ', $numbers).' = '.$this->number($total, $unit));

        return $this->back($total, $unit, $this->largest(...$sum->addends), $lines, $writer);
    }

    private function difference(Difference $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $this->smallest($sum->from, $sum->take);
        $from = $this->convert($sum->from, $unit, $lines, $writer);
        $take = $this->convert($sum->take, $unit, $lines, $writer);
        if ($take > $from) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $lines->add($from.' − '.$take.' = '.$this->number($from - $take, $unit));

        return $this->back($from - $take, $unit, $this->largest($sum->from, $sum->take), $lines, $writer);
    }

    private function product(Product $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $sum->length->smallest();
        $one = $this->convert($sum->length, $unit, $lines, $writer);
        $lines->add($sum->times.' '.$writer->times().' '.$one.' = '.$this->number($one * $sum->times, $unit));

        return $this->back($one * $sum->times, $unit, $sum->length->largest(), $lines, $writer);
    }

    private function share(Share $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $sum->length->smallest();
        while (0 !== intdiv($sum->length->duration->count, $unit->size()) % max(1, $sum->between)) {
            $unit = $unit->smaller() ?? throw CannotBeDone::doesNotComeOut($unit->words());
        }
        $all = $this->convert($sum->length, $unit, $lines, $writer);
        if ($sum->between < 1) {
            throw CannotBeDone::sharedByNothing();
        }
        $each = intdiv($all, $sum->between);
        $lines->add($all.' '.$writer->divided().' '.$sum->between.' = '.$this->number($each, $unit));

        return $this->back($each, $unit, $sum->length->largest(), $lines, $writer);
    }

    private function grouping(Grouping $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $sum->unit();
        $all = $this->convert($sum->length, $unit, $lines, $writer);
        $each = $this->convert($sum->each, $unit, $lines, $writer);
        $answer = $sum->answer();
        $lines->add(\sprintf('%d %s %d = %d', $all, $writer->divided(), $each, $answer->number));
        $lines->add('', \sprintf('It goes %s.', 1 === $answer->number ? 'once: 1' : $answer->number.' times'));

        return $answer;
    }

    private function move(ClockMove $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $start = $this->sinceMidnight($sum->start, $lines, $writer);
        $length = $this->convert($sum->length, Unit::Minute, $lines, $writer);
        $turn = $sum->start->turn();
        $reached = $start + $sum->direction() * $length;
        if ($reached < 0) {
            $add = (int) ceil(-$reached / $turn) * $turn;
            $lines->add(\sprintf('%d + %d = %d', $start, $add, $start + $add), \sprintf('There are too few minutes to take from, so add %s first: %d + %d = %d.', $this->turns($add, $turn), $start, $add, $start + $add));
            $start += $add;
        }
        $result = $start + $sum->direction() * $length;
        $lines->add($start.($sum->direction() > 0 ? ' + ' : ' − ').$length.' = '.$this->number($result, Unit::Minute));
        $left = $result % $turn;
        if ($left !== $result) {
            $lines->add(\sprintf('%d − %d = %d', $result, $result - $left, $left), \sprintf('Take away %s: %d − %d = %d.', $this->turns($result - $left, $turn), $result, $result - $left, $left));
        }
        $time = $sum->start->moved($left - $sum->start->minutes);
        $answer = new TimeAnswer($time, 720 === $turn ? 0 : intdiv($reached - $left, $turn));
        $lines->add($left.($left < 60 ? '' : ' = '.$this->hoursAndRest($left)).': '.$writer->answer($answer), 'Back to a time: '.$writer->answer($answer).'.');

        return $answer;
    }

    private function elapsed(Elapsed $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        return $this->back($this->minutes($sum, $lines, $writer), Unit::Minute, Unit::Hour, $lines, $writer);
    }

    /** How long it is, in minutes. */
    private function minutes(Elapsed $sum, WrittenWorking $lines, Writer $writer): int
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $start = $this->sinceMidnight($sum->start, $lines, $writer);
        $end = $this->sinceMidnight($sum->end, $lines, $writer);
        if ($sum->overMidnight()) {
            $lines->add(\sprintf('%d + 1440 = %d', $end, $end + 1440), \sprintf('The end is on the next day, so add the 1440 minutes of a day: %d + 1440 = %d.', $end, $end + 1440));
            $end += 1440;
        }
        $lines->add($end.' − '.$start.' = '.$this->number($end - $start, Unit::Minute));

        return $end - $start;
    }

    private function chain(LengthChain $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $this->smallest($sum->first, ...$sum->lengths());
        $count = $this->convert($sum->first, $unit, $lines, $writer);
        $terms = (string) $count;
        foreach ($sum->inOrder() as $part) {
            $number = $this->convert($part->length, $unit, $lines, $writer);
            $count += $part->direction * $number;
            $terms .= ($part->direction > 0 ? ' + ' : ' − ').$number;
        }
        $lines->add($terms.' = '.$this->number($count, $unit));

        return $this->back($count, $unit, $this->largest($sum->first, ...$sum->lengths()), $lines, $writer);
    }

    private function fractional(FractionalProduct $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $sum->length->smallest();
        $count = $sum->length->duration->count * $sum->times->numerator;
        while (0 !== $count % ($unit->size() * $sum->times->denominator)) {
            $unit = $unit->smaller() ?? throw CannotBeDone::doesNotComeOut($unit->words());
        }
        $one = $this->convert($sum->length, $unit, $lines, $writer);
        $times = $one * $sum->times->numerator;
        if (1 !== $sum->times->numerator) {
            $lines->add(
                \sprintf('%d %s %d = %d', $one, $writer->times(), $sum->times->numerator, $times),
                \sprintf('%1$s is %2$d %3$s %4$d, so multiply by %2$d: %5$d %6$s %2$d = %7$d.', $writer->fraction($sum->times), $sum->times->numerator, $writer->divided(), $sum->times->denominator, $one, $writer->times(), $times),
            );
        }
        $found = intdiv($times, $sum->times->denominator);
        $lines->add(\sprintf('%d %s %d = %s', $times, $writer->divided(), $sum->times->denominator, $this->number($found, $unit)));

        return $this->back($found, $unit, $sum->length->largest(), $lines, $writer);
    }

    private function spans(SpanComparison $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $this->smallest(Amount::minutes(1), ...$sum->lengths());
        $sides = [];
        foreach ([$sum->left, $sum->right] as $side) {
            $sides[] = $side instanceof Elapsed
                ? intdiv($this->minutes($side, $lines, $writer) * Unit::Minute->size(), $unit->size())
                : $this->convert($side, $unit, $lines, $writer);
        }
        [$left, $right] = $sides;
        $answer = SignAnswer::between($left, $right);
        $lines->add(
            $this->number($left, $unit).' '.$writer->answer($answer).' '.$this->number($right, $unit),
            \sprintf('%s is %s %s: %s.', $this->number($left, $unit), match ($answer->sign) {
                '<' => 'less than',
                '>' => 'more than',
                '=' => 'the same as',
            }, $this->number($right, $unit), $writer->answer($answer)),
        );

        return $answer;
    }

    private function comparison(Comparison $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $unit = $this->smallest($sum->left->wholeParts(), $sum->right->wholeParts());
        $left = $this->asWritten($sum->left, $unit, $lines, $writer);
        $right = $this->asWritten($sum->right, $unit, $lines, $writer);
        $sign = $left < $right ? '<' : ($left > $right ? '>' : '=');
        $lines->add($writer->amount($sum->left).' '.$sign.' '.$writer->amount($sum->right), \sprintf(
            '%s is %s %s, so %s %s %s.',
            $this->number($left, $unit),
            '<' === $sign ? 'less than' : ('>' === $sign ? 'more than' : 'the same as'),
            $this->number($right, $unit),
            $writer->amount($sum->left),
            $sign,
            $writer->amount($sum->right),
        ));

        return new SignAnswer($sign);
    }

    private function order(Order $sum, WrittenWorking $lines, Writer $writer): Answer
    {
        $first = $sum->lengths[0] ?? throw new \LogicException('There is nothing to order.');
        $unit = $this->smallest($first->wholeParts(), ...array_map(static fn (Amount $a): Amount => $a->wholeParts(), $sum->lengths));
        $numbers = array_map(fn (Amount $a): int => $this->asWritten($a, $unit, $lines, $writer), $sum->lengths);
        $answer = new OrderAnswer($sum, $sum->arranged($numbers));
        $lines->add($writer->answer($answer), ($sum->descends ? 'From longest to shortest: ' : 'From shortest to longest: ').$writer->answer($answer).'.');

        return $answer;
    }

    /** The same of an amount that may have fractions in it: ¾ h is 45 min, before anything else. */
    private function asWritten(Amount $amount, Unit $unit, WrittenWorking $lines, Writer $writer): int
    {
        $whole = $amount->wholeParts();
        if (!$amount->isWhole()) {
            $lines->add($writer->amount($amount).' = '.$writer->amount($whole));
        }

        return $this->convert($whole, $unit, $lines, $writer);
    }

    /** Writes an amount in one unit and returns the number. */
    private function convert(Amount $amount, Unit $unit, WrittenWorking $lines, Writer $writer): int
    {
        $number = intdiv($amount->duration->count, $unit->size());
        if ($amount->largest() === $unit) {
            return $number;
        }
        $terms = [];
        foreach ($amount->parts as $part) {
            if (0 === $part->numerator) {
                continue;
            }
            if ($part->unit->size() < $unit->size()) {
                // 180 s in minutes
                $terms[] = $part->numerator.' '.$writer->divided().' '.intdiv($unit->size(), $part->unit->size());
                continue;
            }
            $per = intdiv($part->unit->size(), $unit->size());
            $terms[] = 1 === $per ? (string) $part->numerator : $part->numerator.' × '.$per;
        }
        $lines->add($writer->amount($amount).' = '.([] === $terms ? '' : implode(' + ', $terms).' = ').$this->number($number, $unit));

        return $number;
    }

    private function sinceMidnight(StatedTime $stated, WrittenWorking $lines, Writer $writer): int
    {
        $terms = $stated->minutes < 60 ? '' : $this->hoursAndRest($stated->minutes).' = ';
        $number = $this->number($stated->minutes, Unit::Minute);
        $lines->add(
            \sprintf('%s = %s%s', $writer->time($stated), $terms, $number),
            \sprintf('%s is %s%s after %s.', $writer->time($stated), $terms, $number, $stated->halfSaid ? 'midnight' : '12'),
        );

        return $stated->minutes;
    }

    private function back(int $number, Unit $unit, Unit $largest, WrittenWorking $lines, Writer $writer): Answer
    {
        $answer = new LengthAnswer(Amount::usual(Duration::of($number * $unit->size(), $unit->chain()), $largest));
        $same = 0 === $number || $this->number($number, $unit) === $writer->answer($answer);
        $lines->add($same ? '' : $this->number($number, $unit).' = '.$writer->answer($answer), ($same ? 'The answer is ' : 'Back into larger units: ').$writer->answer($answer).'.');

        return $answer;
    }

    /** "5 × 60 + 20", "5 × 60" */
    private function hoursAndRest(int $minutes): string
    {
        return intdiv($minutes, 60).' × 60'.(0 === $minutes % 60 ? '' : ' + '.$minutes % 60);
    }

    /** "a day (1440 min)", "3 days (4320 min)", "half a day (720 min)" */
    private function turns(int $minutes, int $turn): string
    {
        $days = intdiv($minutes, 1440);
        $said = match (true) {
            0 === $minutes % 1440 => 1 === $days ? 'a day' : $days.' days',
            720 === $minutes => 'half a day',
            default => intdiv($minutes, $turn).' half days',
        };

        return $said.' ('.$this->number($minutes, Unit::Minute).')';
    }

    private function number(int $number, Unit $unit): string
    {
        return Marked::unit($unit, $number.' '.$unit->after($number));
    }

    private function smallest(Amount $first, Amount ...$more): Unit
    {
        $unit = $first->smallest();
        foreach ($more as $amount) {
            $unit = $amount->smallest()->size() < $unit->size() ? $amount->smallest() : $unit;
        }

        return $unit;
    }

    private function largest(Amount $first, Amount ...$more): Unit
    {
        $unit = $first->largest();
        foreach ($more as $amount) {
            $unit = $amount->largest()->size() > $unit->size() ? $amount->largest() : $unit;
        }

        return $unit;
    }
}
