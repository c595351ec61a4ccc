<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** What is known in a story and what is asked, and so the sum or sums that answer it. Common practice, no source. */
enum Shape: string
{
    /** Start and length are known. */
    case End = 'end';
    /** Length and end are known. */
    // no break
    case Start = 'start';
    /** Start and end are known. */
    // no break
    case Length = 'length';
    case Altogether = 'altogether';
    /** How much longer, shorter, faster one is than the other. */
    // no break
    case More = 'more';
    /** How much is left of a whole. */
    // no break
    case Left = 'left';
    case Times = 'times';
    case Shared = 'shared';
    /** When something due comes that is late. */
    // no break
    case Late = 'late';
    case Early = 'early';
    /** What time it really is by a clock that is fast. */
    // no break
    case Fast = 'fast';
    case Slow = 'slow';
    /** The latest time to set out. */
    // no break
    case Latest = 'latest';
    case Wait = 'wait';
    /** Two lengths one after the other. */
    // no break
    case InARow = 'in-a-row';
    /** A stretch of time with a break in it. */
    // no break
    case WithABreak = 'with-a-break';
    /** Two stretches of time together. */
    // no break
    case TwoSpans = 'two-spans';
    /** What is left of a whole when two parts of it are used. */
    // no break
    case WhatRemains = 'what-remains';
    /** From when it must be ready back through two jobs. */
    // no break
    case Backwards = 'backwards';
    /** The wait between two services. */
    // no break
    case Connection = 'connection';
    /** How much longer one stretch of time is than another. */
    // no break
    case Compare = 'compare';
    /** The so-manieth of things at equal distances: the fourth is three gaps on. */
    // no break
    case Every = 'every';

    /** @return non-empty-list<string> the names of what is drawn for a story, in order */
    public function drawn(): array
    {
        return match ($this) {
            self::End => ['start', 'length'],
            self::Start, self::Latest => ['length', 'end'],
            self::Length, self::Wait => ['start', 'end'],
            self::Altogether, self::More => ['a', 'b'],
            self::Left => ['whole', 'used'],
            self::Times, self::Shared => ['each', 'number'],
            self::Late => ['due', 'late'],
            self::Early => ['due', 'early'],
            self::Fast => ['shown', 'fast'],
            self::Slow => ['shown', 'slow'],
            self::InARow => ['start', 'a', 'b'],
            self::WithABreak => ['start', 'end', 'break'],
            self::TwoSpans, self::Compare => ['start', 'end', 'start2', 'end2'],
            self::WhatRemains => ['whole', 'a', 'b'],
            self::Backwards => ['end', 'a', 'b'],
            self::Connection => ['start', 'length', 'next'],
            self::Every => ['start', 'each', 'number'],
        };
    }

    /** @return list<string> names of how long the stretches of time in it may be, where a story says so */
    public function spans(): array
    {
        return self::TwoSpans === $this || self::Compare === $this ? ['span', 'span2'] : [];
    }

    /** The name of what is found. */
    public function found(): string
    {
        return match ($this) {
            self::End, self::Late, self::Early, self::InARow, self::Every => 'end',
            self::Start, self::Latest, self::Backwards => 'start',
            self::Length, self::Wait, self::WithABreak => 'length',
            self::Altogether, self::Times, self::TwoSpans => 'total',
            self::More, self::Compare => 'more',
            self::Left, self::WhatRemains => 'left',
            self::Shared => 'each',
            self::Fast, self::Slow => 'right',
            self::Connection => 'wait',
        };
    }

    public static function isTime(string $name): bool
    {
        return \in_array($name, ['start', 'end', 'start2', 'end2', 'due', 'shown', 'right', 'next'], true);
    }

    public static function isNumber(string $name): bool
    {
        return 'number' === $name || 'count' === $name;
    }

    /** How many sums it takes. */
    public function steps(): int
    {
        return match ($this) {
            self::InARow, self::WithABreak, self::WhatRemains, self::Backwards, self::Connection, self::Every => 2,
            self::TwoSpans, self::Compare => 3,
            default => 1,
        };
    }

    /** Whether what is asked is later or longer than what is known, so that a child would add. */
    public function adds(): bool
    {
        return \in_array($this, [self::End, self::Altogether, self::Times, self::Late, self::Slow, self::InARow, self::TwoSpans, self::Every], true);
    }

    /**
     * The sums that answer it, the last one giving the answer.
     *
     * @param array<string, StatedTime|Amount|int> $known by name: all that are {@see drawn()}
     *
     * @return non-empty-list<Sum>
     *
     * @throws CannotBeDone where there is less than is taken
     */
    public function sums(array $known): array
    {
        $time = static fn (string $name): StatedTime => ($known[$name] ?? null) instanceof StatedTime ? $known[$name] : throw new \InvalidArgumentException('There is no time '.$name.'.');
        $length = static fn (string $name): Amount => ($known[$name] ?? null) instanceof Amount ? $known[$name] : throw new \InvalidArgumentException('There is no length '.$name.'.');
        $number = static fn (): int => \is_int($known['number'] ?? null) ? $known['number'] : throw new \InvalidArgumentException('There is no number.');
        $found = static fn (Sum $sum): Amount => ($answer = $sum->answer()) instanceof LengthAnswer ? $answer->amount : throw new \LogicException('It comes to a length.');
        $then = static fn (Sum $sum): StatedTime => ($answer = $sum->answer()) instanceof TimeAnswer ? $answer->time : throw new \LogicException('It comes to a time.');

        switch ($this) {
            case self::End: return [Later::of($time('start'), $length('length'))];
            case self::Start:
            case self::Latest: return [Earlier::of($time('end'), $length('length'))];
            case self::Length:
            case self::Wait: return [Elapsed::of($time('start'), $time('end'))];
            case self::Altogether: return [Total::of($length('a'), $length('b'))];
            case self::More: return [Difference::of($length('a'), $length('b'))];
            case self::Left: return [Difference::of($length('whole'), $length('used'))];
            case self::Times: return [Product::of($number(), $length('each'))];
            case self::Shared: return [Share::of($found(Product::of($number(), $length('each'))), $number())];
            case self::Late: return [Later::of($time('due'), $length('late'))];
            case self::Early: return [Earlier::of($time('due'), $length('early'))];
            case self::Fast: return [Earlier::of($time('shown'), $length('fast'))];
            case self::Slow: return [Later::of($time('shown'), $length('slow'))];
            case self::InARow:
                $first = Later::of($time('start'), $length('a'));

                return [$first, Later::of($then($first), $length('b'))];
            case self::WithABreak:
                $all = Elapsed::of($time('start'), $time('end'));

                return [$all, Difference::of($found($all), $length('break'))];
            case self::TwoSpans:
                [$one, $two] = [Elapsed::of($time('start'), $time('end')), Elapsed::of($time('start2'), $time('end2'))];

                return [$one, $two, Total::of($found($one), $found($two))];
            case self::WhatRemains:
                $used = Total::of($length('a'), $length('b'));

                return [$used, Difference::of($length('whole'), $found($used))];
            case self::Backwards:
                $last = Earlier::of($time('end'), $length('b'));

                return [$last, Earlier::of($then($last), $length('a'))];
            case self::Connection:
                $arrives = Later::of($time('start'), $length('length'));

                return [$arrives, Elapsed::of($then($arrives), $time('next'))];
            case self::Compare:
                [$one, $two] = [Elapsed::of($time('start'), $time('end')), Elapsed::of($time('start2'), $time('end2'))];

                return [$one, $two, Difference::of($found($one), $found($two))];
            case self::Every:
                $gaps = Product::of($number() - 1, $length('each'));

                return [$gaps, Later::of($time('start'), $found($gaps))];
        }
    }

    /** What else a story of this shape says, made from what is drawn: a whole that is shared is so many times each part. */
    public function whole(Amount $each, int $number): Amount
    {
        $answer = Product::of($number, $each)->answer();

        return $answer->amount;
    }

    /** The answer of the last of the sums. */
    public static function answer(Sum ...$sums): Answer
    {
        $last = end($sums);

        return false === $last ? throw new \InvalidArgumentException('There is a sum.') : $last->answer();
    }
}
