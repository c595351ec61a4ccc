<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\StoryBar;
use Rostik\Core\Picture\StoryPicture;
use Rostik\Core\Picture\StoryPin;
use Rostik\Core\Picture\StoryTick;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Draws what a problem tells: its times pinned on the line of the day, its lengths as bars, what is asked dashed. So the
 * operation can be seen before a word of the text is taken for a sign. Common practice, no source.
 */
final class StoryDrawing
{
    /** What is so often is drawn one by one up to here. */
    private const ONE_BY_ONE = 12;

    /** A line longer than this, in hours, says nothing any more. */
    private const LONGEST = 48;

    /** @var list<StoryPin> */
    private array $pins = [];

    /** @var list<StoryBar> */
    private array $bars = [];

    private bool $onTheClock = false;

    private function __construct(private readonly Writer $writer, private readonly bool $solved)
    {
    }

    /**
     * The whole of a problem.
     *
     * @param non-empty-list<Sum> $sums   in turn
     * @param bool                $solved whether what was asked is written beside its dashes
     *
     * @return ?StoryPicture null where it has no picture
     */
    public static function whole(array $sums, Writer $writer, bool $solved = false): ?StoryPicture
    {
        try {
            return (new self($writer, $solved))->composed($sums) ?? (isset($sums[1]) && !$solved ? self::of($sums[0], $writer) : null);
        } catch (CannotBeDone) {
            return null;
        }
    }

    /** One sum: what it begins with is known, what it comes to is asked. */
    public static function of(Sum $sum, Writer $writer): ?StoryPicture
    {
        try {
            return (new self($writer, false))->composed([$sum]);
        } catch (CannotBeDone) {
            return null;
        }
    }

    /** @param non-empty-list<Sum> $sums */
    private function composed(array $sums): ?StoryPicture
    {
        foreach ($sums as $sum) {
            if ([] !== array_filter($sum->times(), static fn (StatedTime $time): bool => null !== $time->second)) {
                return null;
            }
        }
        $moves = array_values(array_filter($sums, static fn (Sum $sum): bool => $sum instanceof ClockMove || $sum instanceof Elapsed));
        $drawn = match ([\count($moves), \count($sums) - \count($moves)]) {
            [1, 0], [2, 0], [3, 0], [4, 0], [5, 0], [6, 0], [2, 1] => $moves === \array_slice($sums, 0, \count($moves)) && $this->ways($moves),
            [1, 1] => match (true) {
                $sums[0] instanceof Elapsed => $this->within($sums[0], \array_slice($sums, 1)),
                ($sums[1] ?? null) instanceof ClockMove => $this->inParts($sums[1], $sums[0]),
                default => false,
            },
            [1, 2] => $sums[0] instanceof Elapsed && $this->within($sums[0], \array_slice($sums, 1)),
            [0, 1], [0, 2] => $this->lengths($sums),
            default => false,
        };

        return $drawn ? $this->picture() : null;
    }

    /**
     * One after the other on the clock, or side by side where they have nothing to do with each other.
     *
     * @param list<Sum> $moves
     */
    private function ways(array $moves): bool
    {
        $this->onTheClock = true;
        $reached = null;
        foreach ($moves as $i => $sum) {
            $way = $sum->way();
            if (null === $way || abs($way->minutes) > self::LONGEST * 60) {
                return false;
            }
            $goesOn = $i > 0 && null !== $reached && $way->start->minutes === (($reached % TimeOfDay::DAY) + TimeOfDay::DAY) % TimeOfDay::DAY;
            $from = $goesOn ? $reached : $way->begins();
            $to = $from + $way->minutes;
            if (!$goesOn) {
                $this->pin($from, $way->start, true);
            }
            // of a move the end is asked, of two times the length between them
            $this->pin($to, $way->end, $sum instanceof Elapsed);
            $this->bar(min($from, $to), max($from, $to), 0, $sum instanceof ClockMove ? $sum->length : Amount::minutes($way->minutes), $sum instanceof ClockMove);
            $reached = $to;
        }

        return true;
    }

    /**
     * A stretch of time on the clock, and what becomes of it above the line.
     *
     * @param list<Sum> $then
     */
    private function within(Elapsed $all, array $then): bool
    {
        if (!$this->ways([$all])) {
            return false;
        }
        $whole = $this->bars[0];
        $this->bars = [];
        $last = $then[\count($then) - 1];
        $this->bar($whole->from, $whole->to, $last instanceof Share ? 1 : 0, Amount::minutes($whole->to - $whole->from), false);
        if ($last instanceof Share) {
            return $this->row($whole->from, 0, array_fill(0, max(1, min($last->between, self::ONE_BY_ONE)), $last->answer()->amount), false);
        }
        if (!$last instanceof Difference) {
            return false;
        }

        return $this->loose($whole->from, $whole->to, $this->parts($last->take, $then)) && $this->row($whole->from, 2, [], true, $last->answer()->amount);
    }

    /**
     * What is taken out of a stretch of time, such as a break: nobody said when it was, so it hangs above the line with as
     * much room on each side of it.
     *
     * @param list<Amount> $breaks
     */
    private function loose(int $from, int $to, array $breaks): bool
    {
        $long = array_sum(array_map(static fn (Amount $one): int => $one->duration->minutes(), $breaks));
        $room = intdiv($to - $from - $long, \count($breaks) + 1);
        foreach ($breaks as $break) {
            $from += $room;
            $this->bars[] = new StoryBar($from, $from + $break->duration->minutes(), 1, $this->writer->amount($break), true, true);
            $from += $break->duration->minutes();
        }

        return true;
    }

    /** A move on the clock by what was counted or added first. */
    private function inParts(ClockMove $move, Sum $first): bool
    {
        if (!$this->ways([$move])) {
            return false;
        }
        $from = $this->bars[0]->from;
        $this->bars = [];
        $parts = $this->parts($move->length, [$first]);

        return $this->row($from, 0, $move instanceof Earlier ? array_reverse($parts) : $parts, true);
    }

    /** @param list<Sum> $sums */
    private function lengths(array $sums): bool
    {
        $last = $sums[\count($sums) - 1];
        if (1 !== \count($sums) && !($last instanceof Difference && 2 === \count($sums))) {
            return false;
        }

        return match (true) {
            $last instanceof Total => $this->row(0, 0, $last->lengths(), true) && $this->row(0, 1, [$last->answer()->amount], false),
            $last instanceof Product => $this->row(0, 0, $this->parts($last->answer()->amount, [$last]), true) && $this->row(0, 1, [$last->answer()->amount], false),
            $last instanceof Share => $this->row(0, 1, [$last->length], true) && $this->row(0, 0, array_fill(0, max(1, min($last->between, self::ONE_BY_ONE)), $last->answer()->amount), false),
            $last instanceof Grouping => $this->row(0, 1, [$last->length], true) && $this->row(0, 0, [$last->each], true),
            $last instanceof Difference => $this->row(0, 1, [$last->from], true) && $this->row(0, 0, $this->parts($last->take, $sums), true, $last->answer()->amount),
            default => false,
        };
    }

    /**
     * What a length was made of.
     *
     * @param list<Sum> $sums
     *
     * @return list<Amount>
     */
    private function parts(Amount $length, array $sums): array
    {
        foreach ($sums as $sum) {
            $answer = $sum instanceof Total || $sum instanceof Product ? $sum->answer()->amount : null;
            if (null !== $answer && $answer->duration->count === $length->duration->count) {
                return $sum instanceof Total ? $sum->lengths() : ($sum instanceof Product && $sum->times > 0 && $sum->times <= self::ONE_BY_ONE ? array_fill(0, $sum->times, $sum->length) : [$length]);
            }
        }

        return [$length];
    }

    /**
     * @param list<Amount> $lengths one beside the other
     * @param ?Amount      $rest    what is asked, beside them
     */
    private function row(int $from, int $row, array $lengths, bool $known, ?Amount $rest = null): bool
    {
        foreach ([...$lengths, ...(null === $rest ? [] : [null])] as $length) {
            $duration = ($length ?? $rest)->duration ?? throw new \LogicException('There is a length.');
            $long = $this->onTheClock ? $duration->minutes() : $duration->count;
            $this->bar($from, $from + $long, $row, $length ?? $rest ?? throw new \LogicException('There is a length.'), $known && null !== $length);
            $from += $long;
        }

        return true;
    }

    private function bar(int $from, int $to, int $row, Amount $length, bool $known): void
    {
        if ($to > $from) {
            $this->bars[] = new StoryBar($from, $to, $row, $known || $this->solved ? $this->writer->amount($length) : '?', $known);
        }
    }

    private function pin(int $at, StatedTime $time, bool $known): void
    {
        $this->pins[] = new StoryPin($at, $known || $this->solved ? $this->writer->time($time) : '?', $known);
    }

    private function picture(): ?StoryPicture
    {
        $places = [...array_map(static fn (StoryPin $p): int => $p->at, $this->pins), ...array_merge(...array_map(static fn (StoryBar $b): array => [$b->from, $b->to], $this->bars))];
        if ([] === $places || max($places) === min($places)) {
            return null;
        }
        if (!$this->onTheClock) {
            return new StoryPicture(0, max($places), [], [], $this->bars);
        }
        $from = (int) (floor((min($places) - 1) / 60) * 60);
        $to = (int) (ceil((max($places) + 1) / 60) * 60);
        // with a little room on both sides, and never so narrow that an hour fills it
        while ($to - $from < 240) {
            $from -= 60;
            $to += 60;
        }
        $on = $from < 0 ? TimeOfDay::DAY * (int) ceil(-$from / TimeOfDay::DAY) : 0;

        return new StoryPicture(
            $from + $on,
            $to + $on,
            $this->ticks($from + $on, $to + $on),
            array_map(static fn (StoryPin $p): StoryPin => new StoryPin($p->at + $on, $p->label, $p->known), $this->pins),
            array_map(static fn (StoryBar $b): StoryBar => new StoryBar($b->from + $on, $b->to + $on, $b->row, $b->label, $b->known, $b->loose), $this->bars),
        );
    }

    /** @return list<StoryTick> */
    private function ticks(int $from, int $to): array
    {
        $hours = intdiv($to - $from, 60);
        $each = $hours <= 12 ? 1 : ($hours <= 24 ? 2 : 4);
        $by24 = $this->writer->style->always24;
        $ticks = [];
        for ($at = $from; $at <= $to; $at += 60) {
            $hour = intdiv($at, 60) % 24;
            $ticks[] = new StoryTick($at, match (true) {
                0 !== ($at - $from) / 60 % $each => '',
                $by24 => Marked::hour($hour),
                default => Marked::hour(0 === $hour % 12 ? 12 : $hour % 12),
            });
        }

        return $ticks;
    }
}
