<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;

/**
 * Groups for tomorrow, every child in one: first those who share a cause, then those who need the same rung, then those who
 * are ready for the next; those of whom there is not enough to tell stand apart. Three to six children where it can be done:
 * one who would be alone goes to those who work on the same rung, a large group is parted. Common practice, no source.
 */
final readonly class Grouping
{
    /** With fewer answers nothing is told. */
    private const FEWEST = 3;

    public function __construct(private Ladder $ladder, private MistakeBook $book)
    {
    }

    /**
     * @param list<Picture> $pictures in the order of the register
     * @param int           $least    children in a group, where it can be done
     * @param int           $most     children in a group
     *
     * @return list<Group>
     */
    public function of(array $pictures, int $least = 3, int $most = 6): array
    {
        $place = array_flip(array_map(static fn (Picture $one): string => $one->pupil->id, $pictures));
        $byCause = $this->byCause($pictures, $least);
        $unsure = [];
        $byRung = [];
        $byNext = [];
        foreach ($pictures as $one) {
            $id = $one->pupil->id;
            if (isset($byCause['of'][$id])) {
                continue;
            }
            $alone = $byCause['alone'][$id] ?? null;
            $needs = null === $alone ? $this->needs($one) : $this->rungFor($alone, $pictures, [$id]);
            if ($one->diagnosis->answered < self::FEWEST && null === $needs) {
                $unsure[] = $id;
            } elseif (null !== $needs) {
                $byRung[$needs][] = $id;
            } else {
                $next = $this->next($one);
                if (null === $next) {
                    $unsure[] = $id;
                } else {
                    $byNext[$next][] = $id;
                }
            }
        }
        $byRung = $this->together($byRung, $least);
        $byNext = $this->together($byNext, $least);
        $groups = [];
        foreach ($byCause['groups'] as $cause => $children) {
            $rung = $this->rungFor((string) $cause, $pictures, $children);
            foreach (self::parted($children, $most, $place) as $some) {
                $groups[] = new Group(GroupKind::Cause, (string) $cause, $rung, $this->sharing((string) $cause, \count($some)), $this->book->mistake((string) $cause)->look(), $some);
            }
        }
        foreach ($byRung as $rung => $children) {
            foreach (self::parted($children, $most, $place) as $some) {
                $groups[] = new Group(GroupKind::Rung, null, (string) $rung, \sprintf('%s to come: “%s”', 1 === \count($some) ? 'Still' : 'For all of them still', $this->ladder->rung((string) $rung)->can), '', $some);
            }
        }
        foreach ($byNext as $rung => $children) {
            foreach (self::parted($children, $most, $place) as $some) {
                $groups[] = new Group(GroupKind::Next, null, (string) $rung, \sprintf('Ready for the next: “%s”', $this->ladder->rung((string) $rung)->can), '', $some);
            }
        }
        if ([] !== $unsure) {
            $groups[] = new Group(GroupKind::Unsure, null, null, 'Not enough to tell yet.', '', $unsure);
        }

        return $groups;
    }

    private function sharing(string $cause, int $count): string
    {
        return \sprintf('%s %s.', 1 === $count ? 'This child' : 'They', $this->book->mistake($cause)->may());
    }

    /**
     * Each child with the cause that most others share, among those that are likely for it.
     *
     * @param list<Picture> $pictures
     *
     * @return array{groups: array<string, list<string>>, of: array<string, string>, alone: array<string, string>}
     */
    private function byCause(array $pictures, int $least): array
    {
        $open = [];
        foreach ($pictures as $one) {
            foreach ($one->causes() as $finding) {
                $open[$one->pupil->id][$finding->mistake] = $finding->probability;
            }
        }
        $groups = [];
        $of = [];
        while ([] !== $open) {
            $sharing = [];
            foreach ($open as $causes) {
                foreach ($causes as $cause => $probability) {
                    $sharing[$cause] = ($sharing[$cause] ?? 0.0) + $probability;
                }
            }
            arsort($sharing);
            $cause = (string) array_key_first($sharing);
            $children = array_map(strval(...), array_keys(array_filter($open, static fn (array $causes): bool => isset($causes[$cause]))));
            if (\count($children) < $least && \count($pictures) > $least) {
                // too few of each that is left: whoever has something in common by the rung works together by it
                break;
            }
            $groups[$cause] = $children;
            foreach ($children as $child) {
                $of[$child] = $cause;
                unset($open[$child]);
            }
        }

        // one who shares it with too few works with those who need the same rung
        $alone = [];
        foreach ($open as $child => $causes) {
            arsort($causes);
            $alone[(string) $child] = (string) array_key_first($causes);
        }

        return ['groups' => $groups, 'of' => $of, 'alone' => $alone];
    }

    /** The rung to try next: one that is still to come, or the next above; null where nothing was seen. */
    public function tryNext(Picture $one): ?string
    {
        return $this->needs($one) ?? $this->next($one);
    }

    /** The lowest rung that was seen and is not secure, of which the answers say so; null for none. */
    private function needs(Picture $one): ?string
    {
        foreach ($one->rungs as $rung => $learnt) {
            if (Standing::NotYet === $learnt->standing || (Standing::OnTheWay === $learnt->standing && $learnt->next < 0.65)) {
                return (string) $rung;
            }
        }

        return null;
    }

    /** The first rung above all that were seen whose needs are met; null where nothing was seen. */
    private function next(Picture $one): ?string
    {
        $seen = array_keys(array_filter($one->rungs, static fn (Learnt $learnt): bool => Standing::NotSeen !== $learnt->standing));
        if ([] === $seen) {
            return null;
        }
        $ids = array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->rungs());
        $highest = max(array_map(static fn (string $id): int => (int) array_search($id, $ids, true), $seen));
        foreach (\array_slice($this->ladder->rungs(), $highest + 1) as $rung) {
            if ($rung->setting->isOfASum()) {
                return $rung->id;
            }
        }

        return $seen[\count($seen) - 1];
    }

    /**
     * Too few for a group go to the next above, or the last below.
     *
     * @param array<string, list<string>> $byRung
     *
     * @return array<string, list<string>> in the order of the ladder
     */
    private function together(array $byRung, int $least): array
    {
        $sorted = [];
        foreach ($this->ladder->rungs() as $rung) {
            if (isset($byRung[$rung->id])) {
                $sorted[$rung->id] = $byRung[$rung->id];
            }
        }
        $made = [];
        $waiting = [];
        foreach ($sorted as $rung => $children) {
            $waiting = [...$waiting, ...$children];
            if (\count($waiting) >= $least) {
                $made[$rung] = $waiting;
                $waiting = [];
            }
        }
        if ([] !== $waiting) {
            $last = array_key_last($made) ?? array_key_last($sorted);
            $made[(string) $last] = [...$made[(string) $last] ?? [], ...$waiting];
        }

        return $made;
    }

    /**
     * In groups of no more than so many, all about as large.
     *
     * @param list<string>       $children
     * @param array<string, int> $place    in the register
     *
     * @return list<list<string>>
     */
    private static function parted(array $children, int $most, array $place): array
    {
        usort($children, static fn (string $a, string $b): int => ($place[$a] ?? 0) <=> ($place[$b] ?? 0));
        $parts = (int) ceil(\count($children) / max(1, $most));
        $each = intdiv(\count($children), max(1, $parts));
        $more = \count($children) % max(1, $parts);
        $groups = [];
        for ($i = 0, $from = 0; $i < $parts; ++$i) {
            $size = $each + ($i < $more ? 1 : 0);
            $groups[] = \array_slice($children, $from, $size);
            $from += $size;
        }

        return $groups;
    }

    /**
     * The rung that shows the cause in these children: where most of the answers behind it are, among those that look for it.
     *
     * @param list<Picture> $pictures
     * @param list<string>  $children
     */
    private function rungFor(string $cause, array $pictures, array $children): ?string
    {
        $looking = array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->lookingFor($cause));
        $times = [];
        foreach ($pictures as $one) {
            if (!\in_array($one->pupil->id, $children, true)) {
                continue;
            }
            foreach ($one->rungs as $rung => $learnt) {
                if (\in_array($rung, $looking, true)) {
                    $times[$rung] = ($times[$rung] ?? 0) + $learnt->answers;
                }
            }
        }
        arsort($times);

        return array_key_first($times) ?? $looking[0] ?? null;
    }
}
