<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Activity\NoSuchActivity;

/** Whether a lesson's parts fit into its minutes, and what would make them. */
final readonly class Fit
{
    private const MOST_CHANGES = 3;
    /** Of the work at least so many questions stay. */
    private const LEAST_QUESTIONS = 4;

    public function __construct(private Timing $timing, private Playing $playing, private Matching $matching)
    {
    }

    /**
     * Minutes over; negative for minutes to spare.
     *
     * @param list<Part> $parts
     */
    public function over(array $parts, int $minutes, Facts $facts): int
    {
        return $this->timing->all($parts, $facts) - $minutes;
    }

    /**
     * Two or three changes that would make it fit: each alone where one is enough, or else those that save most, and all of
     * them together.
     *
     * @param list<Part> $parts
     *
     * @return list<Change> none where it fits
     */
    public function changes(array $parts, int $minutes, Facts $facts): array
    {
        $over = $this->over($parts, $minutes, $facts);
        if ($over <= 0) {
            return [];
        }
        $single = $this->single($parts, $over, $facts);
        $enough = array_values(array_filter($single, static fn (Change $one): bool => $one->saves >= $over));
        // what takes least away comes first
        usort($enough, static fn (Change $a, Change $b): int => $a->saves <=> $b->saves);
        if ([] !== $enough) {
            return \array_slice($enough, 0, self::MOST_CHANGES);
        }
        usort($single, static fn (Change $a, Change $b): int => $b->saves <=> $a->saves);
        $fitted = $this->fitted($parts, $minutes, $facts);
        $all = new Change('all that can be shortened', $this->timing->all($parts, $facts) - $this->timing->all($fitted, $facts), $fitted);

        return [...\array_slice($single, 0, self::MOST_CHANGES - 1), ...($all->saves > 0 ? [$all] : [])];
    }

    /**
     * The lesson as it fits, changed step by step; the minutes that the teacher gave stand as long as anything else can give.
     *
     * @param list<Part> $parts
     *
     * @return list<Part> still too long where nothing is left to be changed
     */
    public function fitted(array $parts, int $minutes, Facts $facts): array
    {
        while (0 < $over = $this->over($parts, $minutes, $facts)) {
            $single = $this->single($parts, $over, $facts);
            if ([] === $single) {
                return $parts;
            }
            $enough = array_values(array_filter($single, static fn (Change $one): bool => $one->saves >= $over));
            usort($enough, static fn (Change $a, Change $b): int => $a->saves <=> $b->saves);
            usort($single, static fn (Change $a, Change $b): int => $b->saves <=> $a->saves);
            $parts = ($enough[0] ?? $single[0])->parts;
        }

        return $parts;
    }

    /**
     * Changes of one part.
     *
     * @param list<Part> $parts
     *
     * @return list<Change> each of which saves something
     */
    private function single(array $parts, int $over, Facts $facts): array
    {
        $changes = [];
        foreach ($parts as $i => $part) {
            $has = $this->timing->minutes($part, $facts);
            foreach ($this->others($part, $has, $over, $facts) as [$said, $other]) {
                $saves = $has - (null === $other ? 0 : $this->timing->minutes($other, $facts));
                if ($saves > 0) {
                    $changed = $parts;
                    array_splice($changed, $i, 1, null === $other ? [] : [$other]);
                    $changes[] = new Change($said, $saves, array_values($changed));
                }
            }
        }

        return $changes;
    }

    /** @return iterable<array{string, ?Part}> in words, and the part then; null for none */
    private function others(Part $part, int $has, int $over, Facts $facts): iterable
    {
        if (null !== $part->minutes && $this->timing->takes($part, $facts)->minutes < $part->minutes) {
            yield [\sprintf('%s only as long as it takes', $part->kind->said()), $part->asLongAsItTakes()];
        }
        if (null !== $part->activity) {
            yield from $this->shorter($part, $has, $over, $facts);

            return;
        }
        if (PartKind::OnYourOwn === $part->kind && $part->questions > self::LEAST_QUESTIONS) {
            $questions = max(self::LEAST_QUESTIONS, $this->timing->questionsIn($has - $over, $part->kind, $facts));
            yield [\sprintf('%d questions in place of %d', $questions, $part->questions), $part->withQuestions(min($questions, $part->questions))];
        }
        if (PartKind::Ticket === $part->kind && $part->questions > 1) {
            yield [\sprintf('%s on the ticket', 2 === $part->questions ? 'one question' : \sprintf('%d questions', $part->questions - 1)), $part->withQuestions($part->questions - 1)];
        }
        if ($part->kind->isAtTheBoard() && \count($part->sums) > 1) {
            yield [\sprintf('one sum fewer at “%s”', $part->kind->said()), $part->withSums(\array_slice($part->sums, 0, -1))];
        } elseif (PartKind::LookBack === $part->kind || PartKind::Together === $part->kind) {
            yield [\sprintf('without “%s”', $part->kind->said()), null];
        }
    }

    /** @return iterable<array{string, ?Part}> */
    private function shorter(Part $part, int $has, int $over, Facts $facts): iterable
    {
        try {
            $title = $this->playing->intro((string) $part->activity)->title;
            $ways = $this->playing->shorter((string) $part->activity, $part->group, $part->options, $part->level, $part->seed, $facts);
        } catch (NoSuchActivity) {
            return;
        }
        foreach ($ways as $one) {
            yield [\sprintf('%s, %s', $title, $one->change), $part->played((string) $part->activity, $one->group ?? $part->group, $one->options + $part->options, $part->why)];
        }
        if (null !== $part->rung) {
            foreach (\array_slice($this->matching->fitting($part->kind, [$part->rung], $has - 1, $facts, $part->level, [(string) $part->activity]), 0, 1) as $other) {
                yield [\sprintf('%s in place of %s', $other->title, $title), $part->played($other->activity, $other->group, $other->options, $part->why)];
            }
        }
        yield [\sprintf('without %s', $title), null];
    }
}
