<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\ConversionAnswer;
use Rostik\Core\Sum\Fraction;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** Multiplies to the smaller unit, divides with remainder to the larger. For conversion and sharing. */
final class MultiplyDivideMethod implements Method
{
    public function id(): string
    {
        return 'multiply-divide';
    }

    public function title(): string
    {
        return 'Multiply or divide';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof Conversion && $sum->hasPart() => new Suit(60, \sprintf('It is a part of %s: how many equal parts has that?', $sum->units[0]->one())),
            $sum instanceof Conversion && $sum->isExact() => new Suit(60, $sum->units[0]->size() < $sum->amount->largest()->size()
                ? 'To a smaller unit there are more of them: multiply.'
                : 'To a larger unit there are fewer of them: divide.'),
            $sum instanceof Share && $sum->between > 0 => new Suit(60, 'Share each unit in turn and change what is left over.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof Conversion => $this->conversion($sum, $writer),
            $sum instanceof Share => $this->share($sum, $writer),
            default => throw new \LogicException('Multiplying and dividing is for conversion and sharing.'),
        };
    }

    private function conversion(Conversion $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $asked = $sum->answer();
        $units = $asked instanceof ConversionAnswer ? array_map(static fn (AmountPart $p): Unit => $p->unit, $asked->parts) : $sum->units;
        $target = $units[\count($units) - 1];
        // the smallest unit in which everything is whole
        $unit = $sum->amount->smallest()->size() < $target->size() ? $sum->amount->smallest() : $target;
        while (0 !== $sum->amount->duration->count % $unit->size()) {
            $unit = $unit->smaller() ?? throw CannotBeDone::doesNotComeOut('tenths of a second');
        }
        $total = 0;
        foreach ($sum->amount->parts as $part) {
            $per = intdiv($part->unit->size(), $unit->size());
            $n = intdiv($part->numerator * $per, $part->denominator);
            if ($part->asFraction) {
                $this->fraction($part, $per, $unit, $lines, $writer);
            } elseif ($part->isWhole()) {
                $this->down($part->numerator, $part->unit, $unit, $lines);
            } elseif (1 !== $per) {
                $number = explode(' ', Marked::plain($writer->part($part)))[0];
                $lines->add(\sprintf('%s × %d = %s', Marked::unit($part->unit, $number), $per, $this->number($n, $unit)));
            }
            if (0 !== $total) {
                $lines->add(\sprintf('%d + %d = %s', $total, $n, $this->number($total + $n, $unit)));
            }
            $total += $n;
        }
        if ($sum->hasPart()) {
            return $this->partOf($sum, $total, $unit, $lines, $writer);
        }
        $parts = [];
        $left = $total;
        foreach ($units as $one) {
            $per = intdiv($one->size(), $unit->size());
            $n = intdiv($left, $per);
            $rest = $left % $per;
            if ($per > 1 && 0 === $rest && $this->up($left, $unit, $one, $lines, $writer)) {
                $parts[] = AmountPart::whole($n, $one);
                $left = $rest;
                continue;
            }
            if ($per > 1) {
                $lines->add(\sprintf('%d %s %d = %s%s', $left, $writer->divided(), $per, $this->number($n, $one), 0 === $rest ? '' : ', remainder '.$this->number($rest, $unit)));
            }
            $parts[] = AmountPart::whole($n, $one);
            $left = $rest;
        }
        $answer = new ConversionAnswer($parts);
        $already = [] === $lines->written() && $writer->amount($sum->amount) === $writer->answer($answer);
        $lines->add($already ? $writer->answer($answer) : $writer->amount($sum->amount).' = '.$writer->answer($answer), $already ? \sprintf('That is in %s already: %s.', $target->words(), $writer->answer($answer)) : '');

        return $lines->working($this, $answer);
    }

    /**
     * 15 min is ¼ h, 90 min is 1.5 h: so many of the parts that one of the unit has.
     *
     * @param int $total of the smaller unit
     */
    private function partOf(Conversion $sum, int $total, Unit $unit, WrittenWorking $lines, Writer $writer): Working
    {
        $larger = $sum->units[0];
        $per = intdiv($larger->size(), $unit->size());
        $lines->add(\sprintf('%s = %s', $this->number(1, $larger), $this->number($per, $unit)), \sprintf('%s has %s.', ucfirst($larger->one()), $this->number($per, $unit)));
        [$whole, $rest] = [intdiv($total, $per), $total % $per];
        if (0 !== $whole) {
            $lines->add(\sprintf('%d %s %d = %s, remainder %s', $total, $writer->divided(), $per, $this->number($whole, $larger), $this->number($rest, $unit)));
        }
        $part = Fraction::of($rest, $per);
        $said = Marked::unit($unit, (string) $rest).'/'.$per;
        $least = $part->numerator === $rest ? '' : ' = '.$part->numerator.'/'.$part->denominator;
        $lines->add($said.$least, \sprintf('%s is %d of the %d equal parts of %s: %s.', $this->number($rest, $unit), $rest, $per, $larger->one(), $said.$least));
        if ($sum->isDecimal()) {
            $lines->add(\sprintf('%d %s %d = %s', $part->numerator, $writer->divided(), $part->denominator, rtrim(number_format($part->numerator / $part->denominator, 6, '.', ''), '0')));
        }
        $answer = $sum->answer();
        $lines->add($writer->amount($sum->amount).' = '.$writer->answer($answer));

        return $lines->working($this, $answer);
    }

    /** Into a smaller unit, by way of those between: weeks to days, days to hours, and so on. */
    private function down(int $number, Unit $from, Unit $to, WrittenWorking $lines): void
    {
        while ($from !== $to) {
            $smaller = $from->smaller() ?? throw new \LogicException('The unit is not below.');
            $per = intdiv($from->size(), $smaller->size());
            $lines->add(\sprintf('%s × %d = %s', Marked::unit($from, (string) $number), $per, $this->number($number * $per, $smaller)));
            $number *= $per;
            $from = $smaller;
        }
    }

    /** Into a larger unit, by way of those between; false, with nothing written, where it does not come out on the way. */
    private function up(int $number, Unit $from, Unit $to, WrittenWorking $lines, Writer $writer): bool
    {
        $written = [];
        while ($from !== $to) {
            $larger = $from->larger();
            $per = null === $larger ? 0 : intdiv($larger->size(), $from->size());
            if (null === $larger || $larger->size() > $to->size() || 0 !== $number % max(1, $per)) {
                return false;
            }
            $written[] = \sprintf('%d %s %d = %s', $number, $writer->divided(), $per, $this->number(intdiv($number, $per), $larger));
            $number = intdiv($number, $per);
            $from = $larger;
        }
        foreach ($written as $line) {
            $lines->add($line);
        }

        return true;
    }

    /**
     * Of a fraction one part is found first: ¾ h is 3 of 60 ÷ 4.
     *
     * @param int $per how many of the unit there are in one of the part's
     */
    private function fraction(AmountPart $part, int $per, Unit $unit, WrittenWorking $lines, Writer $writer): void
    {
        $number = Fraction::of($part->numerator, $part->denominator);
        $rest = $number->rest();
        $one = intdiv($per, $rest->denominator);
        if ($number->whole() > 0) {
            $lines->add(\sprintf('%s × %d = %s', Marked::unit($part->unit, (string) $number->whole()), $per, $this->number($number->whole() * $per, $unit)));
        }
        $lines->add(
            \sprintf('%d %s %d = %s', $per, $writer->divided(), $rest->denominator, $this->number($one, $unit)),
            \sprintf('One of %d equal parts: %d %s %d = %s.', $rest->denominator, $per, $writer->divided(), $rest->denominator, $this->number($one, $unit)),
        );
        if ($rest->numerator > 1) {
            $lines->add(\sprintf('%d %s %d = %s', $rest->numerator, $writer->times(), $one, $this->number($rest->numerator * $one, $unit)));
        }
        if ($number->whole() > 0) {
            $lines->add(\sprintf('%d + %d = %s', $number->whole() * $per, $rest->numerator * $one, $this->number($number->whole() * $per + $rest->numerator * $one, $unit)));
        }
    }

    private function share(Share $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $carried = 0;
        $found = 0;
        $unit = $sum->length->largest();
        while (true) {
            $have = $carried + $sum->length->number($unit);
            $each = intdiv($have, $sum->between);
            $rest = $have % $sum->between;
            // what is still to be shared in smaller units: 8 days 48 h has 48 h beside its days
            $left = array_filter($sum->length->parts, static fn (AmountPart $p): bool => $p->unit->size() < $unit->size() && 0 !== $p->numerator);
            $own = $sum->length->number($unit);
            if (0 !== $carried && 0 !== $own) {
                $lines->add(
                    \sprintf('%d + %d = %s', $carried, $own, $this->number($have, $unit)),
                    \sprintf('Add the %s: %d + %d = %s.', $this->number($own, $unit), $carried, $own, $this->number($have, $unit)),
                );
            }
            if (0 !== $have) {
                $lines->add(\sprintf('%s %s %d = %s%s', $this->number($have, $unit), $writer->divided(), $sum->between, $this->number($each, $unit), 0 === $rest ? '' : ', remainder '.$this->number($rest, $unit)));
            }
            $found += $each * $unit->size();
            $next = $unit->smaller();
            if (0 === $rest && [] === $left) {
                break;
            }
            if (null === $next) {
                throw CannotBeDone::doesNotComeOut($unit->words());
            }
            $carried = $rest * intdiv($unit->size(), $next->size());
            if (0 !== $rest) {
                $lines->add(\sprintf('%s = %s', $this->number($rest, $unit), $this->number($carried, $next)), \sprintf('Change the remainder: %s is %s.', $this->number($rest, $unit), $this->number($carried, $next)));
            }
            $unit = $next;
        }
        $answer = new LengthAnswer(Amount::usual(Duration::of($found, $unit->chain()), $sum->length->largest()));
        $lines->add($writer->answer($answer), 'The answer is '.$writer->answer($answer).'.');

        return $lines->working($this, $answer);
    }

    private function number(int $number, Unit $unit): string
    {
        return Marked::unit($unit, $number.' '.$unit->after($number));
    }
}
