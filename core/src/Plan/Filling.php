<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;

/**
 * What a lesson is made of. Of 60 minutes usually: 10 to warm up and look back, 15 to explain and try together, 20 to work, 10
 * for an activity, 5 for the ticket (common practice, no source); shorter lessons have less of everything, and the shortest
 * have fewer parts. What the other parts leave is for work.
 */
final readonly class Filling
{
    private const USUAL = 60;
    private const WARM_UP = 10;
    private const EXPLAINED = 10;
    private const TOGETHER = 6;
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

    private Writer $plain;

    public function __construct(private Ladder $ladder, private Generator $generator, private Forms $forms, private Matching $matching, private Timing $timing)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param ?string      $before rung of the lesson before; null for none
     * @param list<string> $played ids of the activities of the last lessons
     *
     * @return list<Part> that together take no longer than the lesson, unless not even one sum fits
     */
    public function parts(Step $step, Slot $slot, Facts $facts, int $seed, ?string $before = null, array $played = []): array
    {
        $share = $slot->minutes / self::USUAL;
        $isNew = Purpose::New === $step->purpose;
        $rungs = $this->withNeeds($step->rung);
        $parts = [];
        if ($slot->minutes >= self::WITH_LOOK_BACK && null !== $before) {
            $parts[] = new Part('back', PartKind::LookBack, $before, sums: $this->sums($before, Level::Core, 1, $seed + 3, $facts), why: 'One question like those of the last ticket: who still has it?');
        }
        // new things are explained; what is met again is tried together
        [$explained, $together] = $isNew ? [self::EXPLAINED / 5, self::TOGETHER / 3] : [1, self::TOGETHER / 3 + 1];
        $explained = max(1, (int) round($explained * $share));
        $together = max($slot->minutes < self::WITH_WARM_UP ? 0 : 1, (int) round($together * $share));
        $sums = [...$this->sums($step->rung, Level::Support, 1, $seed, $facts), ...$this->sums($step->rung, Level::Core, $explained + $together, $seed + 1, $facts)];
        $parts[] = new Part('explain', PartKind::Explain, $step->rung, sums: \array_slice($sums, 0, $explained), why: $isNew ? 'The first sum is an easy one, so that the method is seen.' : 'One sum, to have the method before the eyes again.');
        if ($together > 0) {
            $parts[] = new Part('together', PartKind::Together, $step->rung, sums: \array_slice($sums, $explained, $together), why: 'The class says what comes next; the board shows it after.');
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
     * Sums for the board, in canonical text; one that is told has its words before it.
     *
     * @return list<string>
     */
    public function sums(string $rung, Level $level, int $count, int $seed, Facts $facts): array
    {
        $drawn = $this->generator->draw($this->ladder->rung($rung), $level, $count, $seed, style: $facts->style);

        return array_map(function (Question $question): string {
            $sum = $this->forms->write($question->sum, $this->plain);

            return '' === $question->wording ? $sum : \sprintf('%s [%s]', $question->wording, $sum);
        }, $drawn->questions);
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
