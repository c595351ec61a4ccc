<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** What the methods on the number line share: a way is cut into jumps, each jump is a step. */
abstract class OnTheLine implements Method
{
    /** The longest line that is drawn, in big ticks: a week of hours. Beyond that nobody could read it. */
    public const LONGEST = 168;

    /**
     * The jumps from one place to another.
     *
     * @param int $landmark noon and midnight recur after so many hours; 0 where they are not known
     *
     * @return list<Jump>
     */
    abstract protected function jumps(int $from, int $to, int $landmark): array;

    final protected function move(ClockMove $sum, Writer $writer): Working
    {
        $start = $sum->start->minutes;
        $end = $start + $sum->direction() * $sum->minutes();
        $jumps = $this->jumps($start, $end, $sum->start->halfSaid ? 12 : 0);
        $sign = $sum->direction() > 0 ? '+' : '−';
        [$from, $to] = $this->range($start, $end, 60);

        $points = [$this->timePoint($sum->start, $start, $writer)];
        $drawn = [];
        $steps = [new Step(
            'Start at '.$writer->time($sum->start).($sum->direction() > 0 ? '.' : ' and go back.'),
            new LinePicture($from, $to, 60, $points, []),
            at: $start,
        )];
        $done = 0;
        foreach ($jumps as $jump) {
            $here = $sum->start->moved($jump->to - $start);
            $reached = $this->timePoint($sum->start, $jump->to, $writer, $jump->to === $end);
            $points = $sum->direction() > 0 ? [...$points, $reached] : [$reached, ...$points];
            $drawn[] = $this->jump($jump, $sign, $writer);
            $before = $done;
            $done += $jump->size();
            $steps[] = new Step(
                $this->sayMove($jump, $sum, $here, $sum->minutes() - $done, $writer),
                new LinePicture($from, $to, 60, $points, $drawn),
                Changed::between($sum, $before, $done, $writer),
                $jump->to,
            );
        }
        $answer = new TimeAnswer($sum->start->moved($sum->direction() * $done), $sum->start->daysMoved($sum->direction() * $done));
        $steps[] = new Step(
            (\count($jumps) > 1 ? $this->together($jumps, $writer).'. ' : '').'The answer is '.$writer->answer($answer).'.',
            new LinePicture($from, $to, 60, $points, $drawn),
            at: $end,
        );

        return new Working($this, $steps, $answer);
    }

    final protected function elapsed(Elapsed $sum, Writer $writer): Working
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $start = $sum->start->minutes;
        $end = $start + $sum->minutes();
        $jumps = $this->jumps($start, $end, 12);
        [$from, $to] = $this->range($start, $end, 60);

        $passed = [$this->timePoint($sum->start, $start, $writer)];
        $last = $this->timePoint($sum->end, $end, $writer);
        $points = [...$passed, $last];
        $say = 'Mark the start, '.$writer->time($sum->start).', and the end, '.$writer->time($sum->end).'.';
        if ($sum->overMidnight()) {
            $say .= ' The end is on the next day.';
        }
        $steps = [new Step($say, new LinePicture($from, $to, 60, $points, []), at: $start)];
        $drawn = [];
        $total = 0;
        foreach ($jumps as $jump) {
            if ($jump->to !== $end) {
                $passed[] = $this->timePoint($sum->start, $jump->to, $writer);
                $points = [...$passed, $last];
            }
            $drawn[] = $this->jump($jump, '', $writer);
            $total += $jump->size();
            $steps[] = new Step(
                $this->sayCount($jump, $sum->start->moved($jump->to - $start), $writer),
                new LinePicture($from, $to, 60, $points, $drawn),
                at: $jump->to,
            );
        }
        $answer = new LengthAnswer(Amount::minutes($total));
        $steps[] = new Step(
            1 === \count($jumps) ? 'It is '.$writer->answer($answer).'.' : 'Altogether: '.$this->together($jumps, $writer).'.',
            new LinePicture($from, $to, 60, $points, $drawn),
            at: $end,
        );

        return new Working($this, $steps, $answer);
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
            JumpWhy::ToTheLandmark => \sprintf('%s %s, as far as %s.', $forward ? 'Add' : 'Take', $size, $time).$stillTo,
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
            JumpWhy::ToTheLandmark => \sprintf('%s on to %s.', $size, $time),
            JumpWhy::WholeHours => \sprintf('A jump of %s to %s.', $size, $time),
            JumpWhy::Rest => \sprintf('%s to %s.', $size, $time),
            JumpWhy::MoreOfTheRest => \sprintf('%s more to %s.', $size, $time),
        };
    }

    /** @param list<Jump> $jumps */
    private function together(array $jumps, Writer $writer): string
    {
        $sizes = '';
        $total = 0;
        foreach ($jumps as $jump) {
            $sizes .= ('' === $sizes ? '' : ' + ').$writer->minutes($jump->size());
            $total += $jump->size();
        }

        return $sizes.' = '.$writer->minutes($total);
    }

    /** Whether a way on the clock is short enough to be drawn on a line. */
    final protected function isDrawn(int $minutes): bool
    {
        return $minutes <= self::LONGEST * 60;
    }

    /** @return array{int, int} the ends of a line that holds both places, at big ticks, with room to spare */
    final protected function range(int $a, int $b, int $per): array
    {
        $from = (int) floor(min($a, $b) / $per) * $per;
        $to = (int) ceil(max($a, $b) / $per) * $per;

        return [$from, $to === $from ? $from + $per : $to];
    }
}
