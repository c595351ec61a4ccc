<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\LengthChain;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** All lengths of a chain are put together first, so that only one step is left. Common practice, no source. */
final class LengthsFirstMethod implements Method
{
    public function id(): string
    {
        return 'lengths-first';
    }

    public function title(): string
    {
        return 'Lengths together first';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $one = static fn (int $direction): bool => 1 >= \count(array_filter($sum instanceof ClockChain || $sum instanceof LengthChain ? $sum->parts : [], static fn (Part $p): bool => $p->direction === $direction));

        return match (true) {
            $sum instanceof ClockChain => new Suit(0 === $sum->minutes() % 60 ? 85 : 55, 0 === $sum->minutes() % 60 ? 'Together the lengths make whole hours.' : 'Together the lengths are one step on the clock.'),
            $sum instanceof LengthChain => $one(1) && $one(-1) ? null : new Suit(50, 'What is added is put together, and what is taken away; then only one step is left.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        if ($sum instanceof LengthChain) {
            $added = $this->together([$sum->first, ...$this->of($sum->parts, 1)], 'there is', $lines, $writer);
            $taken = $this->together($this->of($sum->parts, -1), 'is taken away', $lines, $writer);
            if ($taken > $added) {
                throw CannotBeDone::takesMoreThanThereIs('2 h 15 min + 40 min - 25 min');
            }
            $largest = $sum->unitsSaid()[0] ?? Unit::Hour;
            $answer = new LengthAnswer(Amount::usual(Duration::of($added - $taken, $sum->first->duration->chain), $largest));
            $write = static fn (int $count): string => $writer->amount(Amount::usual(Duration::of($count, $sum->first->duration->chain), $largest));
            $lines->add($write($added).' '.$writer->minus().' '.$write($taken).' = '.$writer->answer($answer), \sprintf('%s %s %s = %s.', $write($added), $writer->minus(), $write($taken), $writer->answer($answer)));

            return $lines->working($this, $answer);
        }
        if (!$sum instanceof ClockChain) {
            throw new \LogicException('Lengths together first is for chains.');
        }
        $added = intdiv($this->together($this->of($sum->parts, 1), 'goes on', $lines, $writer), Unit::Minute->size());
        $taken = intdiv($this->together($this->of($sum->parts, -1), 'goes back', $lines, $writer), Unit::Minute->size());
        if ($added > 0 && $taken > 0) {
            [$more, $less] = [max($added, $taken), min($added, $taken)];
            $lines->add(
                \sprintf('%s %s %s = %s', $writer->minutes($more), $writer->minus(), $writer->minutes($less), $writer->minutes($more - $less)),
                \sprintf('%s on and %s back: %s in all.', $writer->minutes($added), $writer->minutes($taken), $added === $taken ? 'nothing' : $writer->minutes($more - $less).($added > $taken ? ' on' : ' back')),
            );
        }
        $move = $added - $taken;
        $answer = new TimeAnswer($sum->start->moved($move), $sum->start->daysMoved($move));
        $lines->add(
            \sprintf('%s %s %s = %s', $writer->time($sum->start), $move < 0 ? $writer->minus() : '+', $writer->minutes(abs($move)), $writer->answer($answer)),
            'The answer is '.$writer->answer($answer).'.',
            $sum->start->minutes + $move,
        );

        return $lines->working($this, $answer);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Amount>
     */
    private function of(array $parts, int $direction): array
    {
        return array_values(array_map(static fn (Part $p): Amount => $p->length, array_filter($parts, static fn (Part $p): bool => $p->direction === $direction)));
    }

    /**
     * All of them together, in the smallest unit of their chain; said where there are several.
     *
     * @param list<Amount> $amounts
     */
    private function together(array $amounts, string $what, WrittenWorking $lines, Writer $writer): int
    {
        $count = array_sum(array_map(static fn (Amount $a): int => $a->duration->count, $amounts));
        if (isset($amounts[1])) {
            $largest = array_reduce($amounts, static fn (Unit $u, Amount $a): Unit => $a->largest()->size() > $u->size() ? $a->largest() : $u, $amounts[0]->largest());
            $sum = implode(' + ', array_map($writer->amount(...), $amounts)).' = '.$writer->amount(Amount::usual(Duration::of($count, $amounts[0]->duration->chain), $largest));
            $lines->add($sum, \sprintf('What %s, together: %s.', $what, $sum));
        }

        return $count;
    }
}
