<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Sequence\Exercise;
use Rostik\Core\Sequence\Sequencer;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;

/**
 * What a lesson is made of. Of 60 minutes usually: 10 to warm up and look back, some 18 to explain and try together, 20 to work, 10
 * for an activity, 5 for the ticket (common practice, no source); shorter lessons have less of everything, and the shortest
 * have fewer parts. What the other parts leave is for work.
 */
final readonly class Filling
{
    private const USUAL = 60;
    private const WARM_UP = 10;
    /** Sums in an hour, of something new; of what is met again fewer. */
    private const EXPLAINED = 3;
    private const EXPLAINED_AGAIN = 2;
    private const TOGETHER = 2;
    private const ACTIVITY = 12;
    /** Lessons of so many minutes have it. */
    private const WITH_WARM_UP = 25;
    private const WITH_LOOK_BACK = 35;
    private const WITH_TICKET = 30;
    private const WITH_ACTIVITY = 35;
    private const WITH_TIDYING = 40;
    /** Work of fewer minutes is none. */
    private const LEAST_WORK = 5;
    private const TICKET = 3;
    private const MOST_QUESTIONS = 40;
    private const TRIES = 6;

    public function __construct(private Ladder $ladder, private Sequencer $sequencer, private Matching $matching, private Timing $timing)
    {
    }

    /**
     * @param ?string      $before rung of the lesson before; null for none
     * @param list<string> $played ids of the activities of the last lessons
     * @param list<string> $avoid  sums that were had lately
     *
     * @return list<Part> that together take no longer than the lesson, unless not even one sum fits
     */
    public function parts(Step $step, Slot $slot, Facts $facts, int $seed, ?string $before = null, array $played = [], array $avoid = [], Level $level = Level::Core): array
    {
        $share = $slot->minutes / self::USUAL;
        $isNew = Purpose::New === $step->purpose;
        $rungs = $this->withNeeds($step->rung);
        $parts = [];
        $board = $this->board($step, $slot, $facts, $seed, $before, $avoid, $level);
        if ([] !== $board['back'] && null !== $before) {
            $parts[] = $this->atTheBoard('back', PartKind::LookBack, $before, $board['back'], 'One question like those of the last ticket: who still has it?');
        }
        $parts[] = $this->atTheBoard('explain', PartKind::Explain, $step->rung, $board['explain'], $isNew ? 'The barest case first, so that the method is seen; then one thing at a time.' : 'To have the method before the eyes again: '.$step->focus()->said().'.');
        if ([] !== $board['together']) {
            $parts[] = $this->atTheBoard('together', PartKind::Together, $step->rung, $board['together'], 'The class says what comes next; the board shows it after.');
        }
        if ($slot->minutes >= self::WITH_TICKET) {
            $parts[] = new Part('ticket', PartKind::Ticket, $step->rung, questions: self::TICKET, seed: $seed + 5, why: 'Three questions show who has it.');
        }
        $left = $slot->minutes - $this->timing->all($parts, $facts);
        if ($slot->minutes >= self::WITH_WARM_UP) {
            $warmUp = $this->played(PartKind::WarmUp, 'warm-up', [...\array_slice($rungs, 1), $rungs[0]], min((int) round(self::WARM_UP * $share), $left - self::LEAST_WORK), $facts, $seed + 7, $played);
            if (null !== $warmUp) {
                array_unshift($parts, $warmUp);
                $left -= $this->timing->minutes($warmUp, $facts);
                $played[] = (string) $warmUp->activity;
            }
        }
        $activity = null;
        if ($slot->minutes >= self::WITH_ACTIVITY) {
            $activity = $this->played(PartKind::Activity, 'activity', $rungs, min((int) round(self::ACTIVITY * $share), $left - 2 * self::LEAST_WORK), $facts, $seed + 9, $played);
            $left -= null === $activity ? 0 : $this->timing->minutes($activity, $facts);
        }
        $tidied = null !== $activity && $slot->minutes >= self::WITH_TIDYING ? new Part('tidy', PartKind::TidyUp, why: 'Cards and counters are counted back.') : null;
        $left -= null === $tidied ? 0 : $this->timing->minutes($tidied, $facts);
        $work = [];
        $questions = min(self::MOST_QUESTIONS, $this->timing->questionsIn($left, PartKind::OnYourOwn, $facts));
        if ($left >= self::LEAST_WORK && $questions > 0) {
            $work[] = new Part('own', PartKind::OnYourOwn, $step->rung, questions: $questions, seed: $seed + 11, why: 'At three levels; each child begins where they stand.');
        }
        $ticket = array_values(array_filter($parts, static fn (Part $one): bool => PartKind::Ticket === $one->kind));

        return $this->within([...array_values(array_filter($parts, static fn (Part $one): bool => PartKind::Ticket !== $one->kind)), ...$work, ...array_filter([$activity]), ...$ticket, ...array_filter([$tidied])], $slot->minutes, $facts);
    }

    /**
     * The sums of a lesson with what each stands there for, those on paper as they would be drawn for one level.
     *
     * @param list<Part> $parts as {@see self::parts()} has made them of the same
     *
     * @return array<string, list<Exercise>> by the id of the part
     */
    public function exercises(array $parts, Step $step, Slot $slot, Facts $facts, int $seed, ?string $before, Level $level): array
    {
        $all = $this->board($step, $slot, $facts, $seed, $before, [], $level);
        $rung = $this->ladder->rung($step->rung);
        $had = array_map(static fn (Exercise $one): string => $one->text, array_merge(...array_values($all)));
        foreach ($parts as $part) {
            $drawn = match ($part->kind) {
                PartKind::OnYourOwn => $this->sequencer->own($rung, $level, $part->questions, $part->seed, $had, $facts->style),
                PartKind::Ticket => $this->sequencer->ticket($rung, $level, $part->questions, $part->seed, $had, $facts->style),
                default => null,
            };
            if (null !== $drawn) {
                $all[$part->id] = $drawn;
                array_push($had, ...array_map(static fn (Exercise $one): string => $one->text, $drawn));
            }
        }

        return $all;
    }

    /**
     * What stands on the board: new things are explained; what is met again is tried together.
     *
     * @param list<string> $avoid
     *
     * @return array{back: list<Exercise>, explain: list<Exercise>, together: list<Exercise>}
     */
    private function board(Step $step, Slot $slot, Facts $facts, int $seed, ?string $before, array $avoid, Level $level): array
    {
        $share = $slot->minutes / self::USUAL;
        $isNew = Purpose::New === $step->purpose;
        $back = $slot->minutes >= self::WITH_LOOK_BACK && null !== $before ? $this->sequencer->back($this->ladder->rung($before), $level, $seed + 3, $avoid, $facts->style) : null;
        $avoid = [...$avoid, ...(null === $back ? [] : [$back->text])];
        $explained = max(1, (int) round(($isNew ? self::EXPLAINED : self::EXPLAINED_AGAIN) * $share));
        $together = max($slot->minutes < self::WITH_WARM_UP ? 0 : 1, (int) round(($isNew ? self::TOGETHER : self::TOGETHER + 1) * $share));
        $rung = $this->ladder->rung($step->rung);
        $first = $this->sequencer->explain($rung, $level, $explained, $seed, $step->focus(), $avoid, $facts->style);

        return [
            'back' => array_values(array_filter([$back])),
            'explain' => $first,
            'together' => 0 === $together ? [] : $this->sequencer->together($rung, $level, $together, $seed + 1, $first, $avoid, $facts->style),
        ];
    }

    /** The same part with other sums, each for what the one before it was there for. */
    public function others(Part $part, string $rung, Facts $facts, int $seed): Part
    {
        $count = \count($part->sums);
        $of = $this->ladder->rung($rung);
        $sums = match ($part->kind) {
            PartKind::LookBack => array_values(array_filter([$this->sequencer->back($of, Level::Core, $seed, $part->bareSums(), $facts->style)])),
            PartKind::Together => $this->sequencer->together($of, Level::Core, $count, $seed, $this->sequencer->explain($of, Level::Core, self::EXPLAINED_AGAIN, $seed, style: $facts->style), $part->bareSums(), $facts->style),
            default => $this->sequencer->explain($of, Level::Core, $count, $seed, avoid: $part->bareSums(), style: $facts->style),
        };

        return $this->atTheBoard($part->id, $part->kind, $rung, $sums, $part->why);
    }

    /**
     * Another sum in one place, for what the one before it was there for.
     *
     * @return ?array{string, string} the sum, and its job in a sentence; null where there is no other
     */
    public function anotherAt(Part $part, string $rung, int $place, Facts $facts): ?array
    {
        for ($try = 1; $try <= self::TRIES; ++$try) {
            $other = $this->others($part, $rung, $facts, crc32($part->sums[$place].$try) % 1_000_000);
            $sum = $other->sums[$place] ?? $other->sums[0] ?? null;
            if (null !== $sum && !\in_array($sum, $part->sums, true)) {
                return [$sum, $other->says[$sum] ?? ''];
            }
        }

        return null;
    }

    /** @param list<Exercise> $sums */
    private function atTheBoard(string $id, PartKind $kind, string $rung, array $sums, string $why): Part
    {
        $says = [];
        foreach ($sums as $one) {
            $says[$one->line()] = $one->says;
        }

        return new Part($id, $kind, $rung, sums: array_map(static fn (Exercise $one): string => $one->line(), $sums), why: $why, says: $says);
    }

    /** @return list<string> the rung, what it needs, what that needs, and so on */
    private function withNeeds(string $rung): array
    {
        $all = [$rung];
        for ($i = 0; $i < \count($all); ++$i) {
            array_push($all, ...array_diff($this->ladder->rung($all[$i])->needs, $all));
        }

        return $all;
    }

    /**
     * @param list<string> $rungs  the most wanted first
     * @param list<string> $played lately
     */
    private function played(PartKind $kind, string $id, array $rungs, int $minutes, Facts $facts, int $seed, array $played): ?Part
    {
        if ($minutes < 1) {
            return null;
        }
        $fitting = $this->matching->fitting($kind, $rungs, $minutes, $facts, Level::Core);
        $fresh = array_values(array_filter($fitting, static fn (Fitting $one): bool => !\in_array($one->activity, $played, true)));
        $best = $fresh[0] ?? $fitting[0] ?? null;
        if (null === $best) {
            return null;
        }

        return new Part($id, $kind, $best->rung, activity: $best->activity, group: $best->group, options: $best->options, seed: $seed, why: \sprintf('It practises “%s”, and fits into %d minutes.', Topic::withoutStop($this->ladder->rung($best->rung)->can), $minutes));
    }

    /**
     * Where a class takes longer than usual, or the lesson is very short, what can best be missed is left out.
     *
     * @param list<Part> $parts
     *
     * @return list<Part>
     */
    private function within(array $parts, int $minutes, Facts $facts): array
    {
        foreach ([PartKind::TidyUp, PartKind::LookBack, PartKind::Activity, PartKind::WarmUp, PartKind::Together, PartKind::Ticket, PartKind::OnYourOwn] as $kind) {
            if ($this->timing->all($parts, $facts) <= $minutes) {
                break;
            }
            $parts = array_values(array_filter($parts, static fn (Part $one): bool => $one->kind !== $kind));
        }

        return $parts;
    }
}
