<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Changed;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Jumps along a number line: to the next (or last) o'clock, whole hours, the rest. For later, earlier and elapsed;
 * for a difference as finding the gap.
 */
final class NumberLineMethod implements Method
{
    public function id(): string
    {
        return 'number-line';
    }

    public function title(): string
    {
        return 'Number line';
    }

    public function suits(Sum $sum): ?Suit
    {
        if ($sum instanceof ClockMove) {
            $time = \sprintf('%d:%02d', $sum->start->time()->hour12(), $sum->start->time()->minute());

            return $sum->regroups()
                ? new Suit(80, \sprintf('The minutes pass the o’clock, so go from %s to the o’clock first and then on.', $time))
                : new Suit(70, 'One or two jumps do it: nothing has to be regrouped.');
        }
        if ($sum instanceof Elapsed) {
            return new Suit(80, $sum->regroups()
                ? 'Counting on by way of the o’clock needs no regrouping.'
                : 'Count on from the start to the end.');
        }
        if ($sum instanceof Difference && null !== $this->gapUnits($sum)) {
            return $sum->regroups() && $this->isNear($sum)
                ? new Suit(75, 'The two lengths are close together, so the gap between them is quickly counted.')
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
            default => throw new \LogicException('The number line is not for this kind of sum.'),
        };
    }

    private function move(ClockMove $sum, Writer $writer): Working
    {
        $start = $sum->start->minutes;
        $end = $start + $sum->direction() * $sum->minutes();
        $jumps = Jumps::through($start, $end, 60, $sum->start->halfSaid ? 12 : 0);
        $sign = $sum->direction() > 0 ? '+' : '−';
        [$from, $to] = $this->range($start, $end, 60);
        $point = fn (int $at, bool $asked = false): LinePoint => $this->timePoint($sum->start, $at, $writer, $asked);

        $points = [$point($start)];
        $drawn = [];
        $steps = [new Step(
            ($sum->direction() > 0 ? 'Start at ' : 'Start at the right, at ').$writer->time($sum->start).'.',
            new LinePicture($from, $to, 60, $points, []),
            Changed::between($sum, 0, 0),
        )];
        $done = 0;
        foreach ($jumps as $jump) {
            $here = $sum->start->moved($jump->to - $start);
            $points[] = $point($jump->to, $jump->to === $end);
            $drawn[] = $this->jump($jump, $sign, $writer);
            $before = $done;
            $done += $jump->size();
            $steps[] = new Step(
                $this->sayMove($jump, $sum, $here, $sum->minutes() - $done, $writer),
                new LinePicture($from, $to, 60, $this->sorted($points), $drawn),
                Changed::between($sum, $before, $done),
            );
        }
        $answer = new TimeAnswer($sum->start->moved($sum->direction() * $done), $sum->start->daysMoved($sum->direction() * $done));
        $steps[] = new Step(
            (\count($jumps) > 1 ? $this->together($jumps, $writer).'. ' : '').'The answer is '.$writer->answer($answer).'.',
            new LinePicture($from, $to, 60, $this->sorted($points), $drawn),
            Changed::by($sum),
        );

        return new Working($this, $steps, $answer);
    }

    private function elapsed(Elapsed $sum, Writer $writer): Working
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $start = $sum->start->minutes;
        $end = $start + $sum->minutes();
        $jumps = Jumps::through($start, $end, 60, 12);
        [$from, $to] = $this->range($start, $end, 60);

        $points = [$this->timePoint($sum->start, $start, $writer), $this->timePoint($sum->end, $end, $writer)];
        $say = 'Mark the start, '.$writer->time($sum->start).', and the end, '.$writer->time($sum->end).'.';
        if ($sum->overMidnight()) {
            $say .= ' The end is on the next day.';
        }
        $steps = [new Step($say, new LinePicture($from, $to, 60, $points, []))];
        $drawn = [];
        $total = 0;
        foreach ($jumps as $jump) {
            if ($jump->to !== $end) {
                $points[] = $this->timePoint($sum->start, $jump->to, $writer);
            }
            $drawn[] = $this->jump($jump, '', $writer);
            $total += $jump->size();
            $steps[] = new Step(
                $this->sayCount($jump, $sum->start->moved($jump->to - $start), $writer),
                new LinePicture($from, $to, 60, $this->sorted($points), $drawn),
            );
        }
        $answer = new LengthAnswer(Amount::minutes($total));
        $steps[] = new Step(
            1 === \count($jumps) ? 'It is '.$writer->answer($answer).'.' : 'Altogether: '.$this->together($jumps, $writer).'.',
            new LinePicture($from, $to, 60, $this->sorted($points), $drawn),
        );

        return new Working($this, $steps, $answer);
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

        $points = [new LinePoint($low, $label($low)), new LinePoint($high, $label($high))];
        $steps = [new Step('Mark both lengths on the line. The gap between them is the answer.', new LinePicture($from, $to, $per, $low === $high ? [$points[0]] : $points, []))];
        $drawn = [];
        $total = 0;
        foreach ($jumps as $jump) {
            if ($jump->to !== $high) {
                $points[] = new LinePoint($jump->to, $label($jump->to));
            }
            $drawn[] = new LineJump($jump->from, $jump->to, '+ '.$label($jump->size()), Marked::letter(0 === $jump->size() % $per ? $big : $small));
            $total += $jump->size();
            $steps[] = new Step(
                match ($jump->why) {
                    JumpWhy::ToTheOClock => \sprintf('From %s it is %s to the next whole %s.', $label($jump->from), $label($jump->size()), $big->word()),
                    JumpWhy::WholeHours => \sprintf('Then %s in whole %s, to %s.', $label($jump->size()), $big->words(), $label($jump->to)),
                    default => \sprintf('Then %s more, to %s.', $label($jump->size()), $label($jump->to)),
                },
                new LinePicture($from, $to, $per, $this->sorted($points), $drawn),
            );
        }
        $answer = new LengthAnswer($amount($total));
        $sizes = array_map(static fn (Jump $j): string => $label($j->size()), $jumps);
        $steps[] = new Step(
            \count($jumps) > 1 ? 'Altogether: '.implode(' + ', $sizes).' = '.$writer->answer($answer).'.' : 'The gap is '.$writer->answer($answer).'.',
            new LinePicture($from, $to, $per, $low === $high ? [$points[0]] : $this->sorted($points), $drawn),
        );

        return new Working($this, $steps, $answer);
    }

    /** @return array{Unit, Unit}|null the larger and the smaller of the neighbouring units that the sum uses */
    private function gapUnits(Difference $sum): ?array
    {
        $units = $sum->units();
        $small = $units[\count($units) - 1];
        $big = $units[0] === $small ? ($small->larger() ?? $small) : $units[0];

        return $big->smaller() === $small ? [$big, $small] : null;
    }

    private function isNear(Difference $sum): bool
    {
        return $sum->from->duration->chain === $sum->take->duration->chain
            && $sum->from->duration->count - $sum->take->duration->count <= Unit::Hour->size();
    }

    private function timePoint(StatedTime $start, int $at, Writer $writer, bool $asked = false): LinePoint
    {
        $time = $start->moved($at - $start->minutes);
        $landmark = match (true) {
            !$time->halfSaid => '',
            0 === $time->minutes => 'midnight',
            720 === $time->minutes => 'noon',
            default => '',
        };

        return new LinePoint($at, $writer->clock($time), $landmark, $asked);
    }

    private function jump(Jump $jump, string $sign, Writer $writer): LineJump
    {
        $size = $jump->size();
        $label = $writer->minutes($size);

        return new LineJump($jump->from, $jump->to, '' === $sign ? $label : $sign.' '.$label, 0 === $size % 60 ? 'h' : 'm');
    }

    private function sayMove(Jump $jump, ClockMove $sum, StatedTime $here, int $left, Writer $writer): string
    {
        $size = $writer->minutes($jump->size());
        $time = $writer->time($here);
        $forward = $sum->direction() > 0;
        $stillTo = 0 === $left ? '' : \sprintf(' %s left to %s.', $writer->minutes($left), $forward ? 'add' : 'take');

        return match ($jump->why) {
            JumpWhy::ToTheOClock => $forward
                ? \sprintf('Add %s to get to the o’clock: %s.', $size, $time).$stillTo
                : \sprintf('Take %s to get back to the o’clock: %s.', $size, $time).$stillTo,
            JumpWhy::ToTheLandmark => \sprintf('%s %s to %s.', $forward ? 'Add' : 'Take', $size, $time).$stillTo,
            JumpWhy::WholeHours => \sprintf('%s %s: %s. The minutes stay.', $forward ? 'Add' : 'Take', $size, $time).$stillTo,
            JumpWhy::Rest => \sprintf('%s %s%s: %s.', $forward ? 'Add' : 'Take', 0 === $left && $jump->size() !== $sum->minutes() ? 'the last ' : '', $size, $time).$stillTo,
            JumpWhy::MoreOfTheRest => \sprintf('%s the last %s: %s.', $forward ? 'Add' : 'Take', $size, $time),
        };
    }

    private function sayCount(Jump $jump, StatedTime $here, Writer $writer): string
    {
        $size = $writer->minutes($jump->size());
        $time = $writer->time($here);

        return match ($jump->why) {
            JumpWhy::ToTheOClock => \sprintf('%s to the o’clock, %s.', $size, $time),
            JumpWhy::ToTheLandmark => \sprintf('%s to %s.', $size, $time),
            JumpWhy::WholeHours => \sprintf('%s in whole hours, to %s.', $size, $time),
            JumpWhy::Rest => \sprintf('%s to %s.', $size, $time),
            JumpWhy::MoreOfTheRest => \sprintf('%s more to %s.', $size, $time),
        };
    }

    /** @param list<Jump> $jumps */
    private function together(array $jumps, Writer $writer): string
    {
        $sizes = array_map(static fn (Jump $j): string => $writer->minutes($j->size()), $jumps);
        $total = array_sum(array_map(static fn (Jump $j): int => $j->size(), $jumps));

        return implode(' + ', $sizes).' = '.$writer->minutes($total);
    }

    /** @return array{int, int} the ends of a line that holds both places, at big ticks, with room to spare */
    private function range(int $a, int $b, int $per): array
    {
        $from = (int) floor(min($a, $b) / $per) * $per;
        $to = (int) ceil(max($a, $b) / $per) * $per;

        return [$from, $to === $from ? $from + $per : $to];
    }

    /**
     * @param list<LinePoint> $points
     *
     * @return list<LinePoint>
     */
    private function sorted(array $points): array
    {
        usort($points, static fn (LinePoint $a, LinePoint $b): int => $a->at <=> $b->at);

        return $points;
    }
}
