<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Unknown;

/**
 * Examples with a purpose: from a rung and a level to sums of which each stands where it does for a reason. The barest case
 * that needs the new thing; the same with one thing changed; one that looks like it and does not need it; then a step harder
 * at a time, mixed, backwards, in words. The same seed gives the same sequence.
 */
final readonly class Sequencer
{
    /** What is a step of difficulty at the most, between one sum and the next: one thing more. */
    private const STEP = 1.0;

    /** So many are drawn for a whole sheet, so that another copy of it is as hard. */
    private const MANY = 120;

    /** So many are looked at for what their wrong answers tell. */
    private const WEIGHED = 24;

    public function __construct(private Pool $pool)
    {
    }

    /**
     * To be explained: the barest case, one thing changed, and, third, one that looks alike and does not need it.
     *
     * @param int          $count  from 1; there may be fewer, where there are no more
     * @param list<string> $avoid  sums that are not taken again
     * @param Limits       $limits what else is wanted of the numbers
     *
     * @return list<Exercise>
     */
    public function explain(Rung $rung, Level $level, int $count, int $seed, Focus $focus = Focus::Model, array $avoid = [], Style $style = new Style(), Limits $limits = new Limits()): array
    {
        $easy = $this->free($this->pool->drawn($rung, Level::Support, $seed, $style, $limits, Pool::FEW), $avoid);
        $usual = $this->free($this->pool->drawn($rung, $level, $seed + 1, $style, $limits), $avoid);
        // when the model is known, one begins where the first lesson has ended
        $plain = Focus::Model === $focus ? ($easy[0] ?? $usual[0] ?? null) : ($this->above($usual, $easy[0] ?? null) ?? $usual[0] ?? $easy[0] ?? null);
        if (null === $plain) {
            return [];
        }
        $all = [$plain->for(Job::Plain, Focus::Model === $focus ? 'The barest case that needs it, in friendly numbers' : 'As it ended last time, with other numbers')];
        if (Focus::Backwards === $focus && $count > 1) {
            $turned = $this->backwards($rung, $plain, $avoid);
            $all[] = 1 === $turned?->apart($plain) ? $turned : $this->changed($rung, $level, $plain, [...$easy, ...$usual], $limits, $avoid);
        } elseif ($count > 1) {
            $all[] = $this->changed($rung, $level, $plain, [...$easy, ...$usual], $limits, $avoid);
        }
        $all = array_values(array_filter($all));
        if ($count > 2) {
            $last = $all[\count($all) - 1];
            if (Job::Backwards === $last->job) {
                // what is asked another way round has no lookalike: one thing more, asked as it was
                $more = $this->changed($rung, $level, $plain, [...$easy, ...$usual], $limits, $avoid);
                $turned = null === $more ? null : $this->backwards($rung, $more, [...$avoid, ...self::texts($all)], Unknown::Start === $last->features->unknown);
                $all[] = null === $turned || 1 !== $turned->apart($last) ? null : $turned->for(Job::Changed, ucfirst($this->new($turned, $last)));
            } else {
                $all[] = $this->contrast($rung, $level, $last, $seed + 2, $style, $limits, [...$avoid, ...self::texts($all)]);
            }
        }
        $all = array_values(array_filter($all));
        while (\count($all) < $count) {
            $needing = array_values(array_filter($all, static fn (Exercise $one): bool => Job::Contrast !== $one->job && Job::Backwards !== $one->job));
            $next = $this->changed($rung, $level, $needing[\count($needing) - 1], [...$easy, ...$usual], $limits, [...$avoid, ...self::texts($all)]);
            if (null === $next) {
                break;
            }
            // what looks alike stays the last
            array_splice($all, \count($needing), 0, [$next]);
        }

        return \array_slice($all, 0, $count);
    }

    /**
     * To be tried together: one as the last that was explained, one a step harder, one of which the class decides what it needs.
     *
     * @param list<Exercise> $explained
     * @param list<string>   $avoid
     *
     * @return list<Exercise>
     */
    public function together(Rung $rung, Level $level, int $count, int $seed, array $explained, array $avoid = [], Style $style = new Style(), Limits $limits = new Limits()): array
    {
        $avoid = [...$avoid, ...self::texts($explained)];
        $pool = $this->free($this->graded($rung, $level, $seed, $style, $limits), $avoid);
        $needing = array_values(array_filter($explained, static fn (Exercise $one): bool => Job::Contrast !== $one->job && Job::Backwards !== $one->job));
        $last = [] === $needing ? ($pool[0] ?? null) : $needing[\count($needing) - 1];
        if (null === $last) {
            return [];
        }
        $all = [];
        while (\count($all) < $count) {
            $from = [] === $all ? $last : $all[\count($all) - 1];
            $rest = $this->free($pool, self::texts($all));
            // where there is one alone it goes a step on
            $next = [] === $all && $count > 1 ? $this->towards($rest, $from, $from->number, $all) : ($this->above($rest, $from) ?? $this->towards($rest, $from, $from->number + self::STEP, $all));
            if (null === $next) {
                break;
            }
            $all[] = $count >= 3 && 3 === \count($all) + 1 ? $next->for(Job::Decides, 'The class says first what it needs') : $this->along($next, $from);
        }

        return $all;
    }

    /**
     * To be worked alone: a first third as it was explained, with other numbers; then a step harder at a time; at the end what
     * was learnt before, one backwards, one in words, and the hardest.
     *
     * @param list<string> $avoid
     * @param int          $copy  0 for the sheet itself, from 1 for copies with other numbers
     *
     * @return list<Exercise> as many as there are of them, up to so many
     */
    public function own(Rung $rung, Level $level, int $count, int $seed, array $avoid = [], Style $style = new Style(), Limits $limits = new Limits(), int $copy = 0): array
    {
        $start = $seed + 97 * $copy;
        $pool = $this->free($this->graded($rung, $level, $start, $style, $limits, self::MANY), $avoid);
        if ([] === $pool) {
            return [];
        }
        $first = $pool[0];
        $all = [$first->for(Job::Plain, 'As it was explained')];
        $third = max(1, intdiv($count, 3));
        // what comes last has its place kept
        $closing = $count >= 6 ? $this->closing($rung, $level, min(4, $third), $start, $pool, [...$avoid, $first->text], $style, $limits) : [];
        $growing = $count - \count($closing);
        $hardest = $pool[\count($pool) - 1]->number;
        while (\count($all) < $growing) {
            $from = $all[\count($all) - 1];
            // a third as it was explained, and then up to the hardest, a thing at a time
            $wanted = $first->number + ($hardest - $first->number) * max(0, \count($all) - $third + 1) / max(1, $growing - $third);
            $next = $this->towards($this->free($pool, [...self::texts($all), ...self::texts($closing)]), $from, $wanted, $all, \count($all) >= $third);
            if (null === $next) {
                break;
            }
            $all[] = $this->along($next, $from);
        }

        return \array_slice([...$all, ...$closing], 0, $count);
    }

    /**
     * A ticket: the plain case, the same backwards or a step harder, and one that the usual mistakes of the rung would show.
     *
     * @param list<string> $avoid
     *
     * @return list<Exercise>
     */
    public function ticket(Rung $rung, Level $level, int $count, int $seed, array $avoid = [], Style $style = new Style(), Limits $limits = new Limits()): array
    {
        $pool = $this->free($this->pool->drawn($rung, $level, $seed, $style, $limits), $avoid);
        if ([] === $pool) {
            return [];
        }
        $all = [$pool[0]->for(Job::Plain, 'The plain case')];
        $deciding = \array_slice($this->free($pool, self::texts($all)), 0, self::WEIGHED);
        $tells = array_map(fn (Exercise $one): int => $this->pool->tells($rung, $one), $deciding);
        arsort($tells);
        $most = [] === $tells ? null : $deciding[array_key_first($tells)];
        if ($count > 1) {
            $second = $this->backwards($rung, $this->above($pool, $pool[0]) ?? $pool[0], $avoid);
            $second ??= $this->above($this->free($pool, [...self::texts($all), ...(null === $most ? [] : [$most->text])]), $pool[0])?->for(Job::Step, 'A step harder');
            $all = [...$all, ...array_filter([$second])];
        }
        if ($count > 2 && null !== $most) {
            $number = $tells[array_key_first($tells)];
            $all[] = $most->for(Job::Decides, $number > 1 ? \sprintf('It tells %d usual mistakes apart', $number) : 'A usual mistake would show here');
        }
        foreach ($this->free($pool, self::texts($all)) as $one) {
            if (\count($all) >= $count) {
                break;
            }
            $all[] = $one->for(Job::Step, 'One more, a little harder');
        }

        return \array_slice($all, 0, $count);
    }

    /**
     * To look back on: one of what was learnt before, neither the easiest nor the hardest.
     *
     * @param list<string> $avoid
     */
    public function back(Rung $rung, Level $level, int $seed, array $avoid = [], Style $style = new Style(), Limits $limits = new Limits()): ?Exercise
    {
        $pool = $this->free($this->pool->drawn($rung, $level, $seed, $style, $limits, Pool::FEW), $avoid);
        $middle = $pool[intdiv(\count($pool), 3)] ?? null;

        return $middle?->for(Job::Mixed, 'From before: '.$rung->short);
    }

    /**
     * What a sum stands there for, where a teacher has put it: what it has, and what it is like.
     *
     * @param list<Exercise> $before the others of its part
     */
    public function said(Rung $rung, Exercise $one, array $before): string
    {
        $needs = $this->pool->needs($rung, $one);
        $has = array_map(static fn (Difficulty $it): string => $it->comes(), $one->difficulties);
        foreach ($before as $i => $other) {
            if (0 === $one->apart($other) && $needs) {
                return \sprintf('Like %d, with other numbers', $i + 1);
            }
        }

        return ($needs ? 'It needs it' : 'It does not need it').([] === $has ? ', and nothing else' : ': '.implode('; ', $has));
    }

    /**
     * @param list<string> $avoid
     * @param ?bool        $start whether it is the start that is to be found; null for either
     */
    private function backwards(Rung $rung, Exercise $of, array $avoid, ?bool $start = null): ?Exercise
    {
        $turned = $this->pool->backwards($of, $start ?? 0 === crc32($of->text) % 2);
        if (null === $turned || \in_array($turned->text, $avoid, true) || !$this->pool->turnsOn($rung, $turned)) {
            return null;
        }

        return $turned->for(Job::Backwards, 'The same backwards: '.(Unknown::Start === $turned->features->unknown ? 'how it began is to be found' : 'what comes between is to be found'));
    }

    /**
     * One thing is other than in the one before: its numbers stay as far as they can.
     *
     * @param list<Exercise> $pool
     * @param list<string>   $avoid
     */
    private function changed(Rung $rung, Level $level, Exercise $from, array $pool, Limits $limits, array $avoid): ?Exercise
    {
        $suits = static fn (Exercise $one): bool => $one->number > $from->number && 1 === $one->apart($from) && $one->text !== $from->text && !\in_array($one->text, $avoid, true);
        $variants = array_filter($this->pool->variants($from, $level, $limits, $rung), fn (Exercise $one): bool => $suits($one) && $this->pool->needs($rung, $one) && ($this->pool->fits($rung, $level, $one) || $this->pool->fits($rung, Level::Support, $one)));
        $all = [...$variants, ...array_filter($pool, $suits)];
        usort($all, static fn (Exercise $a, Exercise $b): int => [$b->shares($from), $a->number] <=> [$a->shares($from), $b->number]);
        $next = $all[0] ?? null;

        return $next?->for(Job::Changed, ucfirst($this->new($next, $from)));
    }

    /**
     * It looks alike, and does not need what the rung is about.
     *
     * @param list<string> $avoid
     */
    private function contrast(Rung $rung, Level $level, Exercise $from, int $seed, Style $style, Limits $limits, array $avoid): ?Exercise
    {
        if (Setting::Bare !== $rung->setting || Kind::Missing === $from->question->sum->kind() || !$this->pool->isChanged($from)) {
            return null;
        }
        $suits = fn (Exercise $one): bool => !$this->pool->needs($rung, $one)
            && $one->question->sum->kind() === $from->question->sum->kind()
            && $one->number >= $from->number - self::STEP && $one->number <= $from->number
            && !\in_array($one->text, $avoid, true);
        // with the same numbers as far as can be
        $all = array_values(array_filter($this->pool->variants($from, $level, $limits, $rung), $suits));
        $all = [] === $all ? array_values(array_filter($this->pool->lookalikes($rung, $level, $seed, $style, $limits), $suits)) : $all;
        usort($all, static fn (Exercise $a, Exercise $b): int => [$b->shares($from), $a->apart($from)] <=> [$a->shares($from), $b->apart($from)]);
        $one = $all[0] ?? null;

        return $one?->for(Job::Contrast, 'It looks alike and does not need it'.$this->missing($one, $from));
    }

    /** What it has not that the other one has, in words; empty where there is none. */
    private function missing(Exercise $one, Exercise $from): string
    {
        [$here, $there] = [$one->features, $from->features];

        return match (true) {
            $there->minutesPass && !$here->minutesPass => ': the minutes do not pass the o’clock',
            $there->crossesNoon && !$here->crossesNoon => ': noon is not passed',
            $there->crossesMidnight && !$here->crossesMidnight => ': midnight is not passed',
            $there->regroups && !$here->regroups => $one->question->sum instanceof Difference ? ': there are minutes enough' : ': the minutes stay under 60',
            default => [] === $from->beyond($one) ? '' : ': '.$from->beyond($one)[0]->goes(),
        };
    }

    /**
     * What a sheet ends with: something from before, one in words, one backwards, the hardest, as many as there is room for.
     *
     * @param list<Exercise> $pool
     * @param list<string>   $avoid
     *
     * @return list<Exercise> the hardest last
     */
    private function closing(Rung $rung, Level $level, int $count, int $seed, array $pool, array $avoid, Style $style, Limits $limits): array
    {
        $hardest = $pool[\count($pool) - 1]->for(Job::Challenge, 'For who is done: all at once');
        $all = [$hardest];
        if ($count > 1) {
            $from = $pool[intdiv(2 * \count($pool), 3)];
            array_unshift($all, ...array_filter([$this->backwards($rung, $from, $avoid)]));
        }
        if ($count > 2) {
            array_unshift($all, ...array_filter([$this->inWords($rung, $level, $seed + 5, $avoid, $style)]));
        }
        $below = $this->pool->below($rung);
        if ($count > 3 || \count($all) < $count) {
            foreach (\array_slice($below, 0, 3) as $n => $one) {
                $mixed = Setting::Bare === $one->setting ? $this->back($one, $level, $seed + 7 + $n, [...$avoid, ...self::texts($all)], $style, $limits) : null;
                if (null !== $mixed) {
                    array_unshift($all, $mixed);
                    break;
                }
            }
        }

        return \array_slice($all, -$count);
    }

    /**
     * The same in a story: told as one of one sum, of which the sum needs what the rung is about.
     *
     * @param list<string> $avoid
     */
    private function inWords(Rung $rung, Level $level, int $seed, array $avoid, Style $style): ?Exercise
    {
        if (Setting::Bare !== $rung->setting) {
            return null;
        }
        foreach ($this->pool->drawn($this->pool->rung('one-step-problem'), $level, $seed, $style) as $one) {
            if ($this->pool->needs($rung, $one) && !\in_array($one->text, $avoid, true)) {
                return $one->for(Job::Words, 'The same in words');
            }
        }

        return null;
    }

    /** What is new in one beside another, in words. */
    private function new(Exercise $one, Exercise $from): string
    {
        $comes = array_map(static fn (Difficulty $it): string => $it->comes(), $one->beyond($from));
        $goes = array_map(static fn (Difficulty $it): string => $it->goes(), $from->beyond($one));

        return [] !== $comes ? implode(', and ', $comes) : ([] === $goes ? 'with other numbers' : implode(', and ', $goes));
    }

    /**
     * What is easy at a level is what the one below has.
     *
     * @return list<Exercise> of both, the easiest first
     */
    private function graded(Rung $rung, Level $level, int $seed, Style $style, Limits $limits, int $count = Pool::DRAWN): array
    {
        $lower = match ($level) {
            Level::Support => [],
            Level::Core => $this->pool->drawn($rung, Level::Support, $seed - 1, $style, $limits, Pool::FEW),
            Level::Stretch => $this->pool->drawn($rung, Level::Core, $seed - 1, $style, $limits, Pool::FEW),
        };

        return Pool::sorted([...$lower, ...$this->pool->drawn($rung, $level, $seed, $style, $limits, $count)]);
    }

    /** What it is there for, after another one. */
    private function along(Exercise $next, Exercise $from): Exercise
    {
        return match (true) {
            $next->number > $from->number => $next->for(Job::Step, 'A step harder: '.$this->new($next, $from)),
            0 === $next->apart($from) => $next->for(Job::Plain, 'As the one before, with other numbers'),
            default => $next->for(Job::Changed, ($next->number < $from->number ? 'A little easier: ' : 'As hard as the one before: ').$this->new($next, $from)),
        };
    }

    /**
     * The first that is harder, by no more than a step; of those as much harder the one with the fewest things other.
     *
     * @param list<Exercise> $pool the easiest first
     */
    private function above(array $pool, ?Exercise $from): ?Exercise
    {
        $found = null;
        if (null === $from) {
            return null;
        }
        foreach ($pool as $one) {
            if ($one->number > $from->number && $one->number <= $from->number + self::STEP && (null === $found || [$one->number, $one->apart($from)] < [$found->number, $found->apart($from)])) {
                $found = $one;
            }
        }

        return $found;
    }

    /**
     * As near to a difficulty as can be, without a leap from the one before, and no easier than it where there is another.
     *
     * @param list<Exercise> $pool
     * @param list<Exercise> $all
     * @param bool           $varied whether it is to be other in more than its numbers, where there is one about as hard
     */
    private function towards(array $pool, Exercise $from, float $wanted, array $all, bool $varied = false): ?Exercise
    {
        $best = null;
        $cost = null;
        foreach ($pool as $one) {
            if (abs($one->number - $from->number) > self::STEP) {
                continue;
            }
            $apart = $one->apart($from);
            $its = [$one->number < $from->number, abs($one->number - $wanted) + ($varied && 0 === $apart ? 0.6 : 0), $this->isOther($one, $all) ? 0 : 1, $apart];
            if (null === $cost || $its < $cost) {
                [$best, $cost] = [$one, $its];
            }
        }

        return $best;
    }

    /**
     * Whether it shares no number with the one before it.
     *
     * @param list<Exercise> $all
     */
    private function isOther(Exercise $one, array $all): bool
    {
        return [] === $all || 0 === $one->shares($all[\count($all) - 1]);
    }

    /**
     * @param list<Exercise> $pool
     * @param list<string>   $avoid
     *
     * @return list<Exercise>
     */
    private function free(array $pool, array $avoid): array
    {
        return array_values(array_filter($pool, static fn (Exercise $one): bool => !\in_array($one->text, $avoid, true)));
    }

    /**
     * @param list<Exercise> $all
     *
     * @return list<string>
     */
    private static function texts(array $all): array
    {
        return array_map(static fn (Exercise $one): string => $one->text, $all);
    }
}
