<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Tells a story with numbers that are plausible in it and keep to a level: at the first, fives in one notation and at most one
 * o'clock on the way; at the second, times in digits and in words, over noon; at the third, over midnight too, mixed units, and
 * now and then something that is not needed.
 */
final readonly class Teller
{
    /** Draws after which a story is taken to have no numbers for a level. */
    private const PATIENCE = 80;

    /** At least so many minutes longer, or left. */
    private const LEAST = 5;

    /** What is counted in a sentence that is not needed, where nothing else is said. */
    private const COUNTS = [12, 96];

    /** Made-up first names, with none of them in any class of the demonstration. */
    public const NAMES = ['Ada', 'Bertil', 'Dagny', 'Elio', 'Freya', 'Idris', 'Juno', 'Kasimir', 'Lotte', 'Marek', 'Nell', 'Oskar', 'Piet', 'Rosa', 'Sanna', 'Teodor', 'Ulla', 'Zofia'];

    private const HOURS = [2 => 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen'];

    private const ORDINALS = [2 => 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    /**
     * @param list<string> $names of the children in a story; none for made-up ones
     * @param bool         $fives whether all minutes are fives, at any level
     */
    public function tell(Frame $frame, Level $level, Dice $dice, Style $style = new Style(), array $names = [], bool $fives = false): ?Told
    {
        if (Level::Support === $level && $frame->shape->steps() > 1) {
            return null;
        }
        for ($try = 0; $try < self::PATIENCE; ++$try) {
            $known = $this->drawn($frame, $level, $dice, $fives);
            try {
                $sums = $frame->shape->sums($known);
                if ($this->isPlausible($frame, $known, ...$sums) && $this->keepsTo($level, $try, ...$sums)) {
                    return $this->worded($frame, $level, $known, $sums, $dice, $style, $names);
                }
            } catch (CannotBeDone) {
                // too little to take from: others are drawn
            }
        }

        return null;
    }

    /** @return array<string, StatedTime|Amount|int> */
    private function drawn(Frame $frame, Level $level, Dice $dice, bool $fives): array
    {
        $known = [];
        $step = $fives || (Level::Core === $level && $dice->toss()) ? 5 : $level->step();
        foreach ($frame->shape->drawn() as $name) {
            $range = $frame->ranges[$name] ?? throw new \LogicException('A range for all that is drawn.');
            if (Shape::isNumber($name)) {
                $known[$name] = $dice->number($range->from, $range->to);
                continue;
            }
            // so long that it is a race, a crossing, a shift
            $span = $frame->ranges[['end' => 'span', 'end2' => 'span2'][$name] ?? ''] ?? null;
            $from = $known['end' === $name ? 'start' : 'start2'] ?? null;
            if (null !== $span && $from instanceof StatedTime) {
                $known[$name] = $from->moved($dice->number($step * (int) ceil($span->from / $step), $step * intdiv($span->to, $step), $step));
                continue;
            }
            $minutes = $dice->number($step * (int) ceil($range->from / $step), $step * intdiv($range->end(), $step), $step);
            $known[$name] = Shape::isTime($name) ? StatedTime::of(TimeOfDay::ofMinutes($minutes % TimeOfDay::DAY)) : Amount::minutes($minutes);
        }

        return $known;
    }

    /** @param array<string, StatedTime|Amount|int> $known */
    private function isPlausible(Frame $frame, array $known, Sum ...$sums): bool
    {
        $answer = Shape::answer(...$sums);
        $found = match (true) {
            $answer instanceof TimeAnswer => $answer->time,
            $answer instanceof LengthAnswer => $answer->amount,
            default => throw new \LogicException('A story asks for a time or a length.'),
        };
        $range = $frame->ranges[$frame->shape->found()] ?? null;
        if (null !== $range && !$range->holds($found)) {
            return false;
        }
        if ($found instanceof Amount && $found->duration->minutes() < self::LEAST && Shape::Shared !== $frame->shape) {
            return false;
        }
        foreach ($known as $name => $value) {
            if (($frame->ranges[$name] ?? null)?->holds($value) === false) {
                return false;
            }
        }
        // no stretch of time is longer than from the first moment to the last one that it can have
        $spans = array_values(array_filter($sums, static fn (Sum $sum): bool => $sum instanceof Elapsed));
        foreach (Shape::Connection === $frame->shape ? [] : $spans as $i => $span) {
            [$from, $to] = [$frame->ranges[0 === $i ? 'start' : 'start2'] ?? null, $frame->ranges[0 === $i ? 'end' : 'end2'] ?? null];
            if (null !== $from && null !== $to && $span instanceof Elapsed && $span->minutes() > $to->end() + ($to->end() < $from->from ? TimeOfDay::DAY : 0) - $from->from) {
                return false;
            }
        }
        // what comes second begins when the first is over
        $first = $known['end'] ?? null;
        $second = $known['start2'] ?? null;

        return Shape::TwoSpans !== $frame->shape || !$first instanceof StatedTime || !$second instanceof StatedTime || $first->minutes <= $second->minutes;
    }

    private function keepsTo(Level $level, int $try, Sum ...$sums): bool
    {
        $regroups = false;
        foreach ($sums as $sum) {
            $features = Features::of($sum);
            if (Level::Support === $level && (!$features->fives || $features->crossesNoon || $features->crossesMidnight || $features->oClocks > 1)) {
                return false;
            }
            if (Level::Core === $level && $features->crossesMidnight) {
                return false;
            }
            $regroups = $regroups || $features->regroups;
        }

        // at the third level something is carried or exchanged, where the story has it at all
        return Level::Stretch !== $level || $regroups || $try > self::PATIENCE / 2;
    }

    /**
     * @param array<string, StatedTime|Amount|int> $known
     * @param non-empty-list<Sum>                  $sums
     * @param list<string>                         $names
     */
    private function worded(Frame $frame, Level $level, array $known, array $sums, Dice $dice, Style $style, array $names): Told
    {
        $wording = $dice->pick($frame->wordings);
        $extra = Level::Stretch === $level && [] !== $frame->extras && $dice->number(1, 5) <= 3 ? ' '.$dice->pick($frame->extras) : '';
        $names = \count($names) > 1 ? $names : self::NAMES;
        $one = $dice->number(0, \count($names) - 1);
        $writer = Writer::plain($style);
        $said = [
            'name' => $names[$one] ?? '', 'Name' => $names[$one] ?? '', 'name2' => $names[($one + 1) % \count($names)] ?? '',
            'count' => (string) $dice->number($frame->ranges['count']->from ?? self::COUNTS[0], $frame->ranges['count']->to ?? self::COUNTS[1]), 'spare' => $this->length(Amount::minutes($dice->number(2, 5) * 5), Level::Support, $dice),
        ];
        foreach ($known as $name => $value) {
            $said[$name] = match (true) {
                $value instanceof StatedTime => $this->time($value, $level, $dice, $writer),
                $value instanceof Amount => $this->length($value, $level, $dice),
                default => (string) $value,
            };
        }
        if (1 === preg_match('/\b(?:in the (?:morning|afternoon|evening)|at night)\b/i', $wording->text)) {
            // the part of the day is told already
            foreach ($known as $name => $value) {
                $said[$name] = $value instanceof StatedTime ? $writer->time($value) : $said[$name] ?? '';
            }
        }
        // "from five to ten to quarter past" is read in more than one way: then both are told with digits
        preg_match_all('/\bfrom \{(\w+)\} (?:to|until|till) \{(\w+)\}/', $wording->text, $stretches, \PREG_SET_ORDER);
        foreach ($stretches as [, $from, $to]) {
            if (str_contains(($said[$from] ?? '').' '.($said[$to] ?? ''), ' to ')) {
                foreach ([$from, $to] as $name) {
                    $value = $known[$name] ?? null;
                    $said[$name] = $value instanceof StatedTime ? $writer->time($value) : $said[$name];
                }
            }
        }
        $number = $known['number'] ?? null;
        if (\is_int($number)) {
            $said['nth'] = self::ORDINALS[$number] ?? $number.'th';
            $each = $known['each'] ?? null;
            $said['whole'] ??= $each instanceof Amount ? $this->length($frame->shape->whole($each, $number), $level, $dice) : '';
        }

        return new Told(
            $frame,
            $level,
            Wording::filled($wording->text.$extra, $said),
            Wording::filled($wording->ask, $said),
            $sums,
            Wording::filled($wording->sentence, [$frame->shape->found() => $writer->answer(AnswerSentence::withoutItsDay(Shape::answer(...$sums)))] + $said),
        );
    }

    private function time(StatedTime $time, Level $level, Dice $dice, Writer $writer): string
    {
        $spoken = Level::Support !== $level && $dice->toss() && !$writer->style->always24;

        return $spoken && (0 === $time->minutes % 5 || Level::Stretch === $level) ? $writer->inWords($time) : $writer->time($time);
    }

    /** In words, as it is said: 35 minutes, an hour and a half; at the third level now and then all in minutes. */
    private function length(Amount $length, Level $level, Dice $dice): string
    {
        $minutes = $length->duration->minutes();
        $spoken = Level::Support !== $level && $dice->toss() ? self::spoken($minutes) : null;
        if (null !== $spoken) {
            return $spoken;
        }
        if (Level::Stretch === $level && $minutes > 60 && $minutes < 150 && 0 === $dice->number(0, 3)) {
            return $minutes.' minutes';
        }
        $parts = [];
        foreach ([['hour', intdiv($minutes, 60)], ['minute', $minutes % 60]] as [$unit, $n]) {
            if ($n > 0) {
                $parts[] = $n.' '.$unit.(1 === $n ? '' : 's');
            }
        }

        return implode(' ', $parts);
    }

    /** Halves and quarters of an hour; null for what has no such word. */
    private static function spoken(int $minutes): ?string
    {
        $hours = intdiv($minutes, 60);
        $part = match ($minutes % 60) {
            15 => 'a quarter',
            30 => 'a half',
            45 => 'three quarters',
            default => null,
        };
        if (null === $part) {
            return null;
        }
        if (0 === $hours) {
            return 30 === $minutes ? 'half an hour' : $part.' of an hour';
        }

        return 1 === $hours ? 'an hour and '.$part : (self::HOURS[$hours] ?? (string) $hours).' and '.$part.' hours';
    }
}
