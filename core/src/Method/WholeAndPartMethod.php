<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** The whole number of times, then the part, then both together: 1½ x 40 min is 40 min and 20 min. Common practice, no source. */
final class WholeAndPartMethod implements Method
{
    public function id(): string
    {
        return 'whole-and-part';
    }

    public function title(): string
    {
        return 'Whole number and part';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $plain = Writer::plain($writer->style);

        return $sum instanceof FractionalProduct
            ? new Suit(80, 0 === $sum->times->whole()
                ? \sprintf('One part is easily found: %s shared by %d.', $plain->amount($sum->length), $sum->times->denominator)
                : \sprintf('%s is %d and %s: each is easily found by itself.', $writer->fraction($sum->times), $sum->times->whole(), $writer->fraction($sum->times->rest())))
            : null;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        if (!$sum instanceof FractionalProduct) {
            throw new \LogicException('The whole number and the part are for a number with a fraction in it.');
        }
        $lines = new WrittenWorking();
        $chain = $sum->length->duration->chain;
        $length = static fn (int $count): Amount => Amount::usual(Duration::of($count, $chain), max(1, $count) >= Unit::Hour->size() ? $sum->length->largest() : Unit::Hour);
        $count = $sum->length->duration->count;
        [$whole, $part] = [$sum->times->whole(), $sum->times->rest()];
        if ($whole > 0) {
            $lines->add(\sprintf('%d %s %s = %s', $whole, $writer->times(), $writer->amount($sum->length), $writer->amount($length($whole * $count))));
        }
        $all = $count * $part->numerator;
        if (0 === $count % $part->denominator || 1 === $part->numerator) {
            $one = intdiv($count, $part->denominator);
            $lines->add(\sprintf('%s %s %d = %s', $writer->amount($sum->length), $writer->divided(), $part->denominator, $writer->amount($length($one))), \sprintf('One of %d equal parts: %s %s %d = %s.', $part->denominator, $writer->amount($sum->length), $writer->divided(), $part->denominator, $writer->amount($length($one))));
            if ($part->numerator > 1) {
                $lines->add(\sprintf('%d %s %s = %s', $part->numerator, $writer->times(), $writer->amount($length($one)), $writer->amount($length($one * $part->numerator))));
            }
        } else {
            $lines->add(\sprintf('%d %s %s = %s', $part->numerator, $writer->times(), $writer->amount($sum->length), $writer->amount($length($all))));
            $lines->add(\sprintf('%s %s %d = %s', $writer->amount($length($all)), $writer->divided(), $part->denominator, $writer->amount($length(intdiv($all, $part->denominator)))));
        }
        $found = intdiv($all, $part->denominator);
        $answer = new LengthAnswer(Amount::usual(Duration::of($whole * $count + $found, $chain), $sum->length->largest()));
        if ($whole > 0) {
            $lines->add(\sprintf('%s + %s = %s', $writer->amount($length($whole * $count)), $writer->amount($length($found)), $writer->answer($answer)), \sprintf('Both together: %s + %s = %s.', $writer->amount($length($whole * $count)), $writer->amount($length($found)), $writer->answer($answer)));
        } else {
            $lines->add('', 'The answer is '.$writer->answer($answer).'.');
        }

        return $lines->working($this, $answer);
    }
}
