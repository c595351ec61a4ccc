<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/**
 * Jumps along a number line: to the next (or last) o'clock, whole hours, the rest. For later, earlier and elapsed;
 * for a difference as finding the gap.
 */
final class NumberLineMethod extends OnTheLine
{
    public const ID = 'number-line';

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Number line';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        if ($sum instanceof ClockMove) {
            return $this->isDrawn($sum->minutes()) ? $this->suitsMove($sum, $writer) : null;
        }
        if ($sum instanceof Elapsed) {
            return new Suit(80, $sum->regroups()
                ? 'Counting on by way of the o’clock needs no regrouping.'
                : 'Count on from the start to the end.');
        }
        if ($sum instanceof ClockChain || $sum instanceof Series) {
            // on and back over the same ground nobody could read
            return $this->isDrawn($this->stretch($sum)) && ($sum instanceof Series || 1 === \count(array_unique(array_map(static fn (Part $part): int => $part->direction, $sum->parts)))) ? new Suit($sum instanceof Series ? 80 : 70, $sum instanceof Series ? 'Equal jumps along the line lead from each time to the next.' : 'On the line each length goes on from the one before.') : null;
        }
        if ($sum instanceof SecondMove || $sum instanceof SecondElapsed) {
            return SecondsOnTheLine::isDrawn($sum->seconds()) ? new Suit(80, 'On a line of minutes you see the whole minute that is passed.') : null;
        }
        if ($sum instanceof SpanComparison && null !== $length = $this->markedLength($sum)) {
            return new Suit(80, \sprintf('Mark %s off from the start and see which comes first, that mark or the end.', Writer::plain($writer->style)->amount($length)));
        }
        if ($sum instanceof Difference && null !== $units = $this->gapUnits($sum)) {
            return $sum->regroups() && $this->isNear($sum, $units[0], 1)
                ? new Suit(75, $this->isNear($sum, $units[0], 3) ? 'The two lengths are close together, so the gap between them is quickly counted.' : 'Counting on from the smaller to the larger, nothing has to be exchanged.')
                : new Suit(40, 'The difference is the gap between the two lengths.');
        }

        return null;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof ClockMove => $this->move($sum, $writer),
            $sum instanceof Elapsed => $this->elapsed($sum, $writer),
            $sum instanceof Difference => $this->gap($sum, $writer),
            $sum instanceof ClockChain => $this->chain($sum, $writer),
            $sum instanceof Series => $this->series($sum, $writer),
            $sum instanceof SecondMove, $sum instanceof SecondElapsed => (new SecondsOnTheLine($this))->work($sum, $writer),
            $sum instanceof SpanComparison => $this->markedOff($sum, $writer),
            default => throw new \LogicException('The number line is not for this kind of sum.'),
        };
    }

    protected function jumps(int $from, int $to, int $landmark): array
    {
        return Jumps::through($from, $to, 60, $landmark);
    }

    private function suitsMove(ClockMove $sum, Writer $writer): Suit
    {
        $forward = $sum->direction() > 0;
        if ($sum->regroups()) {
            $clock = Writer::plain($writer->style)->clock($sum->start);
            if (0 === $sum->start->minutes % 60) {
                return new Suit(80, \sprintf('It begins at the o’clock, %s: what is taken comes off a whole hour.', $clock));
            }
            if (0 === ($sum->start->minutes + $sum->direction() * $sum->minutes()) % 60) {
                return new Suit(80, \sprintf('From %s the minutes lead just to an o’clock.', $clock));
            }

            return new Suit(80, \sprintf(
                'The minutes pass the o’clock, so go from %s %s to the o’clock first, and then %s.',
                $clock,
                $forward ? 'on' : 'back',
                $forward ? 'further on' : 'further back',
            ));
        }
        $start = $sum->start->minutes;
        $jumps = \count($this->jumps($start, $start + $sum->direction() * $sum->minutes(), $sum->start->halfSaid ? 12 : 0));

        return new Suit(70, match (true) {
            0 === $jumps => 'Nothing moves.',
            1 === $jumps => 'One jump does it: nothing has to be regrouped.',
            2 === $jumps => 'Two jumps do it: nothing has to be regrouped.',
            default => 'Nothing has to be regrouped: jump by jump along the line.',
        });
    }

    private function gap(Difference $sum, Writer $writer): Working
    {
        [$big, $small] = $this->gapUnits($sum) ?? throw new \LogicException('The gap needs two neighbouring units.');
        if ($sum->from->duration->compareTo($sum->take->duration) < 0) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $per = intdiv($big->size(), $small->size());
        $low = intdiv($sum->take->duration->count, $small->size());
        $high = intdiv($sum->from->duration->count, $small->size());
        $amount = static fn (int $ticks): Amount => Amount::in(Duration::of($ticks * $small->size(), $small->chain()), $big, $small);
        $label = static fn (int $ticks): string => $writer->amount($amount($ticks));
        $jumps = Jumps::through($low, $high, $per);
        [$from, $to] = $this->range($low, $high, $per);

        $passed = [new LinePoint($low, $label($low))];
        $last = new LinePoint($high, $label($high));
        $points = $low === $high ? $passed : [...$passed, $last];
        $steps = [new Step('Mark both lengths on the line. The gap between them is the answer.', new LinePicture($from, $to, $per, $points, []))];
        $drawn = [];
        $total = 0;
        foreach ($jumps as $n => $jump) {
            if ($jump->to !== $high) {
                $passed[] = new LinePoint($jump->to, $label($jump->to));
                $points = [...$passed, $last];
            }
            $drawn[] = new LineJump($jump->from, $jump->to, '+ '.$label($jump->size()), Marked::letter(0 === $jump->size() % $per ? $big : $small));
            $total += $jump->size();
            $steps[] = new Step(
                match ($jump->why) {
                    JumpWhy::ToTheOClock => \sprintf('From %s it is %s to the next whole %s.', $label($jump->from), $label($jump->size()), $big->word()),
                    JumpWhy::WholeHours => \sprintf('%s %s, to %s.', 0 === $n ? 'A jump of' : 'Then a jump of', $label($jump->size()), $label($jump->to)),
                    default => \sprintf(0 === $n ? '%s to %s.' : 'Then %s more, to %s.', $label($jump->size()), $label($jump->to)),
                },
                new LinePicture($from, $to, $per, $points, $drawn),
            );
        }
        $gap = $amount($total);
        $answer = new LengthAnswer(Amount::usual($gap->duration, $sum->unitsSaid()[0]));
        $sizes = array_map(static fn (Jump $j): string => $label($j->size()), $jumps);
        $said = match (\count($jumps)) {
            0 => 'There is no gap: '.$writer->answer($answer),
            1 => 'The gap is '.$writer->amount($gap),
            default => 'Altogether: '.implode(' + ', $sizes).' = '.$writer->amount($gap),
        };
        $steps[] = new Step(
            $said.([] === $jumps || $writer->amount($gap) === $writer->answer($answer) ? '.' : '. That is '.$writer->answer($answer).'.'),
            new LinePicture($from, $to, $per, $points, $drawn),
        );

        return new Working($this, $steps, $answer);
    }

    /** @return array{Unit, Unit}|null the larger and the smaller of the neighbouring units that the sum uses */
    private function gapUnits(Difference $sum): ?array
    {
        $units = $sum->unitsSaid();
        $small = $units[\count($units) - 1];
        $big = $units[0] === $small ? ($small->larger() ?? $small) : $units[0];

        return $big->smaller() === $small && ($sum->from->duration->count - $sum->take->duration->count) / $big->size() < self::LONGEST ? [$big, $small] : null;
    }

    /** @param int $part whether they are at most that part of the larger unit apart: 3 for a third of an hour */
    private function isNear(Difference $sum, Unit $big, int $part): bool
    {
        return $part * ($sum->from->duration->count - $sum->take->duration->count) <= $big->size();
    }
}
