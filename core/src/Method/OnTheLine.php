<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\LinePoint;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Part;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimesAnswer;
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

    /** What a place on the line is, in a word: noon or midnight; '' for any other. */
    protected function landmark(StatedTime $time, Writer $writer): string
    {
        return match (true) {
            !$time->halfSaid => '',
            0 === $time->minutes => 'midnight',
            720 === $time->minutes => 'noon',
            default => '',
        };
    }

    /** Noon or midnight, where a jump goes over it without landing there; '' where it does not, or where nothing is said of it. */
    protected function passing(StatedTime $before, StatedTime $here, Writer $writer): string
    {
        return '';
    }

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
                $this->sayMove($jump, $sum, $here, $sum->minutes() - $done, $writer).$this->passing($sum->start->moved($jump->from - $start), $here, $writer),
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
                $this->sayCount($jump, $sum->start->moved($jump->to - $start), $writer).$this->passing($sum->start->moved($jump->from - $start), $sum->start->moved($jump->to - $start), $writer),
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

    /** Every length of a chain cut into jumps of its own. */
    final protected function chain(ClockChain $sum, Writer $writer): Working
    {
        $at = $sum->start->minutes;
        $reached = [$at];
        foreach ($sum->parts as $part) {
            $reached[] = $at += $part->minutes();
        }
        [$from, $to] = $this->range(min($reached), max($reached), 60);
        $points = [$sum->start->minutes => $this->timePoint($sum->start, $sum->start->minutes, $writer)];
        $drawn = [];
        $picture = static function () use (&$points, &$drawn, $from, $to): LinePicture {
            ksort($points);

            return new LinePicture($from, $to, 60, array_values($points), $drawn);
        };
        $steps = [new Step('Start at '.$writer->time($sum->start).'.', $picture(), at: $sum->start->minutes)];
        $end = $reached[\count($reached) - 1];
        foreach ($sum->parts as $n => $part) {
            $move = $sum->step($n, new TimeAnswer($sum->start->moved($reached[$n] - $sum->start->minutes)));
            $done = 0;
            foreach ($this->jumps($reached[$n], $reached[$n + 1], $sum->start->halfSaid ? 12 : 0) as $jump) {
                $done += $jump->size();
                $points[$jump->to] = $this->timePoint($sum->start, $jump->to, $writer, $jump->to === $end && $n === \count($sum->parts) - 1);
                $drawn[] = $this->jump($jump, $part->direction > 0 ? '+' : '−', $writer);
                $steps[] = new Step($this->sayMove($jump, $move, $sum->start->moved($jump->to - $sum->start->minutes), $move->minutes() - $done, $writer), $picture(), at: $jump->to);
            }
        }
        $answer = new TimeAnswer($sum->start->moved($end - $sum->start->minutes), $sum->start->daysMoved($end - $sum->start->minutes));
        $steps[] = new Step('The answer is '.$writer->answer($answer).'.', $picture(), at: $end);

        return new Working($this, $steps, $answer);
    }

    /** One jump from each time to the next. */
    final protected function series(Series $sum, Writer $writer): Working
    {
        $start = $sum->start->minutes;
        $end = $start + ($sum->count - 1) * $sum->minutes();
        [$from, $to] = $this->range($start, $end, 60);
        $points = [$this->timePoint($sum->start, $start, $writer)];
        $drawn = [];
        $times = [$sum->start];
        $steps = [new Step(\sprintf('The first is %s itself.', $writer->time($sum->start)), new LinePicture($from, $to, 60, $points, []), at: $start)];
        for ($at = $start + $sum->minutes(); $at <= $end; $at += $sum->minutes()) {
            $points[] = $this->timePoint($sum->start, $at, $writer);
            $drawn[] = $this->jump(new Jump($at - $sum->minutes(), $at, JumpWhy::Rest), '+', $writer);
            $times[] = $time = $sum->start->moved($at - $start);
            $steps[] = new Step(\sprintf('%s on: %s.', $writer->minutes($sum->minutes()), $writer->time($time)), new LinePicture($from, $to, 60, $points, $drawn), at: $at);
        }
        $answer = new TimesAnswer($times, $sum->days());
        $steps[] = new Step(\sprintf('%d times, and %d %s between them: %s.', $sum->count, $sum->count - 1, 2 === $sum->count ? 'jump' : 'jumps', $writer->answer($answer)), new LinePicture($from, $to, 60, $points, $drawn), at: $end);

        return new Working($this, $steps, $answer);
    }

    /** The length is marked off from the start: does the end come before that mark, or after it? */
    final protected function markedOff(SpanComparison $sum, Writer $writer): Working
    {
        $length = $this->markedLength($sum) ?? throw new \LogicException('A length of whole minutes is marked off.');
        $span = $sum->spans()[0];
        $start = $span->start->minutes;
        $end = $start + $span->minutes();
        $mark = $start + $length->duration->minutes();
        [$from, $to] = $this->range($start, max($end, $mark), 60);
        $points = [$start => $this->timePoint($span->start, $start, $writer), $end => $this->timePoint($span->end, $end, $writer)];
        ksort($points);
        $steps = [new Step(\sprintf('Mark the start, %s, and the end, %s.%s', $writer->time($span->start), $writer->time($span->end), $span->overMidnight() ? ' The end is on the next day.' : ''), new LinePicture($from, $to, 60, array_values($points), []), at: $start)];
        $points[$mark] ??= $this->timePoint($span->start, $mark, $writer);
        ksort($points);
        $drawn = $mark > $start ? [$this->jump(new Jump($start, $mark, JumpWhy::Rest), '+', $writer)] : [];
        $picture = new LinePicture($from, $to, 60, array_values($points), $drawn);
        $steps[] = new Step(\sprintf('%s on from %s is %s.', $writer->amount($length), $writer->time($span->start), $writer->time($span->start->moved($mark - $start))), $picture, at: $mark);
        $answer = $sum->left instanceof Amount ? SignAnswer::between($mark, $end) : SignAnswer::between($end, $mark);
        $steps[] = new Step(match (true) {
            $end < $mark => \sprintf('The end comes before it, so it is less than %s: %s.', $writer->amount($length), $writer->answer($answer)),
            $end > $mark => \sprintf('The end comes after it, so it is more than %s: %s.', $writer->amount($length), $writer->answer($answer)),
            default => \sprintf('The end is just there, so it is exactly %s: %s.', $writer->amount($length), $writer->answer($answer)),
        }, $picture, at: $end);

        return new Working($this, $steps, $answer);
    }

    /** The length beside the one stretch of time, where both can be drawn. */
    final protected function markedLength(SpanComparison $sum): ?Amount
    {
        $length = $sum->lengths()[0] ?? null;

        $said = [] === array_filter($sum->times(), static fn (StatedTime $t): bool => !$t->halfSaid);

        return $said && null !== $length && $length->duration->isWholeMinutes() && $this->isDrawn($length->duration->minutes()) ? $length : null;
    }

    /** In minutes, how far apart the first and the last place on the line are. */
    final protected function stretch(ClockChain|Series $sum): int
    {
        return $sum instanceof Series ? ($sum->count - 1) * $sum->minutes() : array_sum(array_map(static fn (Part $part): int => abs($part->minutes()), $sum->parts));
    }

    private function timePoint(StatedTime $start, int $at, Writer $writer, bool $asked = false): LinePoint
    {
        $time = $start->moved($at - $start->minutes);

        return new LinePoint($at, $writer->clock($time), $this->landmark($time, $writer), $asked);
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
            // “10 min to 1:55” is read as a time
            JumpWhy::Rest => \sprintf('%s on: %s.', $size, $time),
            JumpWhy::MoreOfTheRest => \sprintf('%s more: %s.', $size, $time),
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
