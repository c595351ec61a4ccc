<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\StatedTime;

/**
 * 9:00 a.m. to 4:00 p.m.; also "from … until …", "between … and …", and with a dash. "Next day" after the end puts it on
 * the day after the start.
 */
final class ElapsedForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Elapsed::class, SecondElapsed::class];
    }

    public static function precedence(): int
    {
        return 80;
    }

    public function read(TypedLine $line): array
    {
        $sums = [];
        foreach ($this->openings($line) as [$at, $between, $turns]) {
            foreach ($line->times($at) as $start) {
                $sums = [...$sums, ...$this->to($line, $start, $between, $turns)];
            }
            if ([] !== $sums) {
                break;
            }
        }

        return $sums;
    }

    public function inWords(Sum $sum, Writer $writer): ?string
    {
        return $sum instanceof Elapsed || $sum instanceof SecondElapsed ? \sprintf('How long is it from %s until %s?', $writer->inWords($sum->start), $writer->inWords($sum->end)) : null;
    }

    public function byClocks(Sum $sum, Writer $writer): string
    {
        return 'How long is it from the first clock to the second?';
    }

    public function turnedRound(Sum $sum, Writer $writer): string
    {
        return $sum instanceof Elapsed ? 'How long is it from '.$writer->time($sum->start).' to '.$writer->time($sum->end).'?' : '';
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return match (true) {
            $sum instanceof Elapsed => $writer->time($sum->start).' to '.$writer->time($sum->end).($sum->saysNextDay() ? ' next day' : ''),
            $sum instanceof SecondElapsed => $writer->time($sum->start).' to '.$writer->time($sum->end),
            default => '',
        };
    }

    /**
     * Where the first time may stand: at once, after "how many minutes is it from", after "the difference between".
     *
     * @return list<array{int, bool, bool}> the place, whether "and" stands between the times, whether the later may come first
     */
    private function openings(TypedLine $line): array
    {
        $at = $line->start;
        if ($line->asksHowMany && null !== $line->words->unit($at)) {
            $at = $line->past($at + 1, 'and');
            $at = $line->past(null !== $line->words->unit($at) ? $at + 1 : $at, 'are', 'is', 'there', 'it', 'does', 'do', 'have', 'has', 'pass', 'passed', 'elapse', 'elapsed', 'take', 'from', 'time');
        }
        $difference = $line->after($at, 'difference');
        if (0 !== $difference) {
            $between = $line->after($line->past($difference, 'in', 'time'), 'between');

            return 0 === $between ? [] : [[$between, true, true]];
        }
        $between = $line->after($at, 'between');

        return 0 !== $between ? [[$between, true, false]] : [[$at, false, false]];
    }

    /** @return list<Elapsed|SecondElapsed> */
    private function to(TypedLine $line, TimeReading $start, bool $between, bool $turns): array
    {
        $after = $between ? $line->after($start->next, 'and') : $line->after($start->next, 'to', 'until', 'till', 'til', '-', '>');
        if (0 === $after) {
            return [];
        }
        $dash = $line->words->is($after - 1, '-');
        $sums = [];
        foreach ($line->times($line->past($after, '>', '-')) as $end) {
            [$next, $nextDay] = $this->day($line, $end->next);
            if (!$line->endsAt($next) || ($dash && $start->bare && $end->bare)) {
                continue;
            }
            $backwards = self::surelyBefore($end->time, $start->time) && !$nextDay;
            if (!$turns || !$backwards) {
                $sums[] = self::between($start->time, $end->time, $nextDay);
            }
            // midnight to noon next day: the midnight at the beginning of this day, or of the next? 12 midnight is how this day's is written
            if ($nextDay && $line->words->is($start->next - 1, 'midnight') && !$line->words->is($start->next - 2, '12', 'twelve') && 0 !== $end->time->minutes) {
                $sums[] = self::between($start->time, $end->time);
            }
            // 5 pm - 2 pm may also ask for the one to be taken from the other
            if ((($dash || $turns) && $backwards) || ($dash && self::openBefore($end->time, $start->time))) {
                $sums[] = self::between($end->time, $start->time);
            }
        }

        return $sums;
    }

    private static function between(StatedTime $start, StatedTime $end, bool $nextDay = false): Elapsed|SecondElapsed
    {
        return null === $start->second && null === $end->second ? Elapsed::of($start, $end, $nextDay) : SecondElapsed::of($start, $end);
    }

    /** @return array{int, bool} the place after "next day", and whether it stands here */
    private function day(TypedLine $line, int $i): array
    {
        $at = $line->past($i, ',', 'on', 'the');
        $after = $line->after($at, 'next day', 'next morning', 'following day', 'following morning', 'day after', 'tomorrow');

        return 0 === $after ? [$i, false] : [$after, true];
    }

    /** 5:30 - 2:10, without the half of the day: the one may be taken from the other. */
    private static function openBefore(StatedTime $one, StatedTime $other): bool
    {
        return !$one->halfSaid && !$other->halfSaid && null === $one->second && $one->minutes < $other->minutes;
    }

    private static function surelyBefore(StatedTime $one, StatedTime $other): bool
    {
        return $one->halfSaid && $other->halfSaid && $one->minutes < $other->minutes;
    }
}
