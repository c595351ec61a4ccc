<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Evidence\Seen;
use Rostik\Core\Skill\Level;

/**
 * Chooses what a child is asked next: at first what tells most about where it stands, then what is likely enough to work
 * (about four in five); what went wrong comes again, what is known comes back at growing distances, and what does not
 * work is left alone after four answers. Common practice, no source; `docs/practice.md` has the figures it leads to.
 */
final readonly class Chooser
{
    /** So many questions find out, unless it is known sooner where the child stands. */
    public const FINDING_OUT = 4;

    /** It is known where a child stands where no more is unknown than this, in bits: about four rungs to choose from. */
    private const KNOWN = 2.0;

    /** So likely an answer is to be right. */
    private const TARGET = 0.81;

    /** A bit of what is told weighs against so much of likelihood. */
    private const TELLS = 2.4;

    /** Two right in a row on something new, or four answers without: change. */
    private const IN_A_ROW = 2;
    private const WITHOUT = 4;

    /** One like that which went wrong comes after so many others. */
    private const AGAIN_AFTER = 2;

    /** What is left alone stays so for as many questions. */
    private const REST = 5;

    /**
     * @param array<string, list<Seen>> $before by rung: answers of earlier days, the earliest first
     * @param list<Practised>           $asked  in this practice so far, in order
     * @param string                    $today  2027-03-11
     * @param int                       $seed   the same seed gives the same choice
     */
    public function next(Path $path, array $before, array $asked, string $today, int $seed): Proposal
    {
        $place = Place::after($path, $before, $asked);
        $again = $this->again($asked);
        if (null !== $again && $path->has($again->rung)) {
            return $this->proposal($again->rung, Why::Again, $place, $asked, $again->level);
        }
        if (\count($asked) < self::FINDING_OUT && $place->unknown() > self::KNOWN) {
            return $this->proposal($this->telling($path, $place, $asked), Why::FindOut, $place, $asked);
        }
        $best = null;
        $most = -\INF;
        $target = $this->target($asked);
        $chance = new \Random\Randomizer(new \Random\Engine\Xoshiro256StarStar($seed + \count($asked)));
        foreach ($path->rungs as $rung) {
            $worth = $this->worth($rung, $place, $before[$rung] ?? [], $asked, $target, $today);
            // among equals it is left to chance, so that neighbours do not all have the same
            $worth += 0.02 * $chance->getInt(0, 1000) / 1000;
            if ($worth > $most) {
                [$most, $best] = [$worth, $rung];
            }
        }
        $best ??= $path->rungs[0];

        return $this->proposal($best, $place->can($best) >= Place::CAN_DO ? Why::Older : Why::Learning, $place, $asked);
    }

    /**
     * What went wrong a little while ago and has not come again.
     *
     * @param list<Practised> $asked
     */
    private function again(array $asked): ?Practised
    {
        $last = \count($asked) - 1;
        foreach ($asked as $i => $one) {
            if (!$one->answered || $one->right || Why::Again === $one->why || Why::FindOut === $one->why || self::AGAIN_AFTER !== $last - $i || $this->isLeftAlone($one->rung, $asked)) {
                continue;
            }
            $after = \array_slice($asked, $i + 1);
            if ([] === array_filter($after, static fn (Practised $later): bool => $later->rung === $one->rung)) {
                return $one;
            }
        }

        return null;
    }

    /** @param list<Practised> $asked */
    private function telling(Path $path, Place $place, array $asked): string
    {
        $best = $path->rungs[0];
        $most = -1.0;
        foreach ($path->rungs as $rung) {
            $tells = $place->tells($rung) - (($asked[\count($asked) - 1]->rung ?? '') === $rung ? 0.1 : 0.0);
            if ($tells > $most) {
                [$most, $best] = [$tells, $rung];
            }
        }

        return $best;
    }

    /**
     * How much a question of a rung is worth now.
     *
     * @param list<Seen>      $before
     * @param list<Practised> $asked
     */
    private function worth(string $rung, Place $place, array $before, array $asked, float $target, string $today): float
    {
        $right = $place->chance($rung);
        $worth = -3.0 * abs($right - $target) + self::TELLS * $place->tells($rung);
        $since = $this->since($rung, $asked);
        $row = $this->inARow($rung, $asked);
        if ($place->can($rung) >= Place::CAN_DO) {
            // known: it comes back at growing distances, in questions and in days
            $worth += null === $since ? 0.25 * $this->due($before, $today) : ($since < 3 * 2 ** max(0, $row - 1) ? -0.6 : 0.1);
        } elseif (0 === $since && $row < self::IN_A_ROW) {
            // something new is not left after one answer
            $worth += 0.3;
        }
        if ($row >= self::IN_A_ROW && null !== $since && $since < self::REST) {
            $worth -= 0.8;
        }

        return $worth - ($this->isLeftAlone($rung, $asked) ? 2.0 : 0.0);
    }

    /**
     * Four answers without two right in a row: it is left alone for a while.
     *
     * @param list<Practised> $asked
     */
    private function isLeftAlone(string $rung, array $asked): bool
    {
        $own = array_values(array_filter($asked, static fn (Practised $one): bool => $one->rung === $rung));

        return \count($own) >= self::WITHOUT && $this->inARow($rung, $asked) < self::IN_A_ROW && ($this->since($rung, $asked) ?? 0) < 2 * self::REST;
    }

    /**
     * A little more likely where much went wrong lately, a little less where all was right.
     *
     * @param list<Practised> $asked
     */
    private function target(array $asked): float
    {
        $answered = \array_slice(array_filter($asked, static fn (Practised $one): bool => $one->answered), -6);
        if ([] === $answered) {
            return self::TARGET;
        }
        $right = \count(array_filter($answered, static fn (Practised $one): bool => $one->right)) / \count($answered);

        return max(0.7, min(0.9, self::TARGET + 0.4 * (self::TARGET - $right)));
    }

    /**
     * @param list<Practised> $asked
     *
     * @return ?int how many other questions came since the last of this rung; null where there was none
     */
    private function since(string $rung, array $asked): ?int
    {
        for ($i = \count($asked) - 1; $i >= 0; --$i) {
            if ($asked[$i]->rung === $rung) {
                return \count($asked) - 1 - $i;
            }
        }

        return null;
    }

    /**
     * @param list<Practised> $asked
     *
     * @return int how many of the last ones of this rung were right
     */
    private function inARow(string $rung, array $asked): int
    {
        $row = 0;
        foreach (array_reverse($asked) as $one) {
            if ($one->rung === $rung && $one->answered) {
                if (!$one->right) {
                    break;
                }
                ++$row;
            }
        }

        return $row;
    }

    /**
     * How far the day has come on which it is to be seen again, 0 to 1: after 1, 2, 4, 8 … days, with every day on which it was right.
     *
     * @param list<Seen> $before
     */
    private function due(array $before, string $today): float
    {
        $last = $before[\count($before) - 1] ?? null;
        if (null === $last) {
            return 0.5;
        }
        $days = [];
        foreach ($before as $one) {
            $days = $one->right ? [...$days, $one->day => true] : [];
        }
        $gone = (strtotime($today.' UTC') - strtotime($last->day.' UTC')) / 86400;

        return max(0.0, min(1.0, $gone / 2 ** min(6, \count($days))));
    }

    /** @param list<Practised> $asked */
    private function proposal(string $rung, Why $why, Place $place, array $asked, ?Level $last = null): Proposal
    {
        $own = array_filter($asked, static fn (Practised $one): bool => $one->rung === $rung);
        $row = $this->inARow($rung, $asked);
        $level = match (true) {
            Why::Again === $why => Level::Stretch === $last ? Level::Core : Level::Support,
            Why::FindOut === $why => Level::Core,
            Why::Older === $why => $place->can($rung) > 0.93 && $row > 0 ? Level::Stretch : Level::Core,
            default => $row > 0 ? Level::Core : Level::Support,
        };

        return new Proposal($rung, $level, $why, $place->chance($rung), \count($own));
    }
}
