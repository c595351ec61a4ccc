<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Setting;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\MissingLength;
use Rostik\Core\Sum\OfDates;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** Other sums to go with one: like it in all that makes it hard or easy, or a step up or down the ladder. */
final readonly class Another
{
    /** Draws in a row without a fitting sum after which there are taken to be no more. */
    private const PATIENCE = 1500;

    private Writer $plain;

    public function __construct(private Ladder $ladder, private Generator $generator, private Forms $forms)
    {
        $this->plain = Writer::plain();
    }

    /**
     * Sums with the same features, none of them the same; fewer than asked for, or none, where there are no more.
     *
     * @param int $seed the same seed gives the same sums
     *
     * @return list<AnotherSum>
     */
    public function like(Sum $sum, int $count, int $seed): array
    {
        $place = $this->place($sum);
        if (null === $place) {
            return [];
        }
        [$rung, $lowest] = $place;
        $plain = $this->plainly($sum);
        $features = Features::of($plain);
        // by day, what lies by day
        $hours = DayHours::Waking->hold($plain) ? $rung->hours(DayHours::Waking) : DayHours::Whole;
        $dice = new Dice($seed);
        $found = [];
        $texts = [$this->text($sum) => true];
        foreach (Level::cases() as $level) {
            // a level that has no such sums leaves it to the next
            for ($vain = 0; $level->isAtLeast($lowest) && \count($found) < $count && $vain < self::PATIENCE; ++$vain) {
                $drawn = $this->shaped($rung->draw($level, $dice)->sum, $plain, $features->fives ? 5 : 1);
                $drawn = $drawn instanceof OfDates ? $drawn->saidAs($plain) : $drawn;
                if (!$this->asksAlike($plain, $drawn) || ($sum instanceof Missing && $drawn instanceof Missing && $sum->direction !== $drawn->direction) || !$this->alike($features, $drawn) || !$rung->isCalledForBy($drawn) || !$hours->hold($drawn)) {
                    continue;
                }
                $drawn = $this->stated($drawn, $sum);
                $text = $this->text($drawn);
                if (!isset($texts[$text])) {
                    $texts[$text] = true;
                    $found[] = new AnotherSum($text, $rung->id, $rung->can, $level);
                    $vain = 0;
                }
            }
        }

        return $found;
    }

    /** A step down: the same at a lower level, or a rung that this one stands on; null at the very bottom. */
    public function easier(Sum $sum, int $seed): ?AnotherSum
    {
        $place = $this->place($sum);
        if (null === $place) {
            return null;
        }
        [$rung, $level] = $place;
        $lower = match ($level) {
            Level::Stretch => Level::Core,
            Level::Core => Level::Support,
            Level::Support => null,
        };
        $found = null === $lower ? null : $this->one($rung, $lower, $sum, $seed);
        // what else the sum calls for comes before what the rung stands on: the kind of sum stays
        $below = [...$rung->needs, ...array_diff($this->ladder->exercisedBy($sum), [$rung->id])];
        foreach (array_reverse($below) as $needed) {
            $found ??= $this->one($this->ladder->rung($needed), Level::Support, $sum, $seed);
        }

        return $found;
    }

    /**
     * A step up: the same at a higher level, or a rung that stands on this one; null at the very top.
     *
     * @param bool $inTruth whether a level that has nothing of its own on the rung is passed over
     */
    public function harder(Sum $sum, int $seed, bool $inTruth = false): ?AnotherSum
    {
        $place = $this->place($sum);
        if (null === $place) {
            return null;
        }
        [$rung, $level] = $place;
        $higher = match ($level) {
            Level::Support => Level::Core,
            Level::Core => Level::Stretch,
            Level::Stretch => null,
        };
        $found = null === $higher ? null : $this->one($rung, $higher, $sum, $seed, $level, $inTruth);
        foreach ($this->ladder->rungs() as $next) {
            if (null === $found && Setting::Bare === $next->setting && \in_array($rung->id, $next->needs, true)) {
                $found = $this->one($next, Level::Core, $sum, $seed);
            }
        }

        return $found ?? (null === $higher ? null : $this->one($rung, $higher, $sum, $seed, $level));
    }

    /** @return array{Rung, Level}|null the highest rung that the sum exercises, and the lowest level that has it */
    public function place(Sum $sum): ?array
    {
        $sum = $this->plainly($sum);
        $ids = $this->ladder->exercisedBy($sum);
        if ([] === $ids) {
            return null;
        }
        $rung = $this->ladder->rung($ids[\count($ids) - 1]);
        // a way past several o'clocks is not one for beginners, whatever the rung
        $long = Features::of($sum)->oClocks > 1;
        foreach (Level::cases() as $level) {
            if (!($long && Level::Support === $level) && $this->generator->fits($rung, $level, $sum)) {
                return [$rung, $level];
            }
        }

        return [$rung, Level::Stretch];
    }

    /**
     * @param ?Level $above a level whose sums are easy enough to be passed over, where there are others
     * @param bool   $only  whether they are passed over where there are none, too
     */
    private function one(Rung $rung, Level $level, Sum $like, int $seed, ?Level $above = null, bool $only = false): ?AnotherSum
    {
        $drawn = null;
        $best = -1;
        foreach ($this->generator->draw($rung, $level, 24, $seed)->sums as $sum) {
            // harder in truth, and the same kind of sum, where the rung has several
            $suits = (null !== $above && !$this->generator->fits($rung, $above, $sum) ? 2 : 0) + ($sum->kind() === $this->plainly($like)->kind() ? 1 : 0);
            if ($suits > $best) {
                $best = $suits;
                $drawn = $sum;
            }
        }

        return null === $drawn || ($only && $best < 2) ? null : new AnotherSum($this->text($this->stated($drawn, $like)), $rung->id, $rung->can, $level);
    }

    /** Whether two things that a calendar says are of one kind. */
    private function asksAlike(Sum $one, Sum $other): bool
    {
        return Kind::Calendar !== $one->kind() || ($one::class === $other::class && (!$one instanceof DaysIn || !$other instanceof DaysIn || (null === $one->month) === (null === $other->month)));
    }

    private function alike(Features $wanted, Sum $sum): bool
    {
        if ($sum->kind() !== $wanted->kind) {
            return false;
        }
        $has = Features::of($sum);

        return $has->regroups === $wanted->regroups && $has->fives === $wanted->fives && $has->crossesHour === $wanted->crossesHour && $has->minutesPass === $wanted->minutesPass
            && $has->crossesNoon === $wanted->crossesNoon && $has->crossesMidnight === $wanted->crossesMidnight
            && $has->unknown === $wanted->unknown && $has->terms === $wanted->terms && $has->units === $wanted->units && $has->from === $wanted->from && $has->signs === $wanted->signs;
    }

    /**
     * Whole hours, times on the o'clock and fives, where the given sum has them: among all sums such ones are too rare to
     * wait for.
     *
     * @param int $step 5 for fives, 1 for single minutes
     */
    private function shaped(Sum $drawn, Sum $like, int $step): Sum
    {
        if ($drawn instanceof Missing) {
            $end = $this->rounded($drawn->end, $step);

            return null === $drawn->start
                ? Missing::start($drawn->direction, Amount::minutes($this->up($drawn->length?->duration->minutes() ?? 0, $step)), $end)
                : Missing::length($drawn->direction, $this->rounded($drawn->start, $step), $end);
        }
        if (!$drawn instanceof ClockMove && !$drawn instanceof Elapsed) {
            return $drawn;
        }
        $clock = $like instanceof ClockMove || $like instanceof Elapsed;
        $start = $this->rounded($drawn->start, $clock && 0 === $like->start->minutes % 60 ? 60 : $step);
        $minutes = $this->up($drawn->minutes(), $clock && 0 === $like->minutes() % 60 ? 60 : $step);

        return match (true) {
            $drawn instanceof Later => Later::of($start, Amount::minutes($minutes)),
            $drawn instanceof Earlier => Earlier::of($start, Amount::minutes($minutes)),
            $drawn instanceof Elapsed => Elapsed::of($start, $start->moved($minutes)),
            default => $drawn,
        };
    }

    private function rounded(StatedTime $time, int $step): StatedTime
    {
        return $time->moved(-($time->minutes % $step));
    }

    /** The next multiple of the step, never less than the step. */
    private function up(int $minutes, int $step): int
    {
        return $step * max(1, (int) ceil($minutes / $step));
    }

    /** The drawn sum stated by the same clock, with the half of the day said or left open, as in the given one. */
    private function stated(Sum $drawn, Sum $like): Sum
    {
        if ($like instanceof MissingLength) {
            return $like->about($drawn) ?? $drawn;
        }
        if ($drawn instanceof Order && $like instanceof Order) {
            $drawn = $drawn->descending($like->descends);
        }
        if ($drawn instanceof OfDates) {
            return $drawn->saidAs($like);
        }
        $model = $like->times()[0] ?? null;
        if (null === $model) {
            return $drawn;
        }
        $restated = $drawn->withTimes(...array_map(static fn (StatedTime $t): StatedTime => match (true) {
            !$t->halfSaid => $t,
            ClockForm::TwentyFour === $model->form => $t->as24(),
            !$model->halfSaid => StatedTime::open($t->time()->hour12(), $t->time()->minute())->toTheSecond($t->second),
            default => StatedTime::of($t->time())->toTheSecond($t->second),
        }, $drawn->times()));

        // left open it must not come to depend on what is not said
        return [] === $restated->readings() && Crossing::of($restated) === \array_slice(Crossing::of($drawn), 0, \count(Crossing::of($restated))) ? $restated : $drawn;
    }

    /** What stands behind a question about lengths with a part missing, which has no rung of its own. */
    private function plainly(Sum $sum): Sum
    {
        return $sum instanceof MissingLength ? $sum->plain() : $sum;
    }

    private function text(Sum $sum): string
    {
        return $this->forms->write($sum, $this->plain);
    }
}
