<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

use Rostik\Core\Judging\Verdict;
use Rostik\Core\Weighing\Diagnosis;
use Rostik\Core\Weighing\Finding;

/** What all answers of a child show: how it stands on each rung, and what may be behind wrong ones. */
final readonly class Picture
{
    /**
     * @param array<string, Learnt>    $rungs   by id, those that were seen
     * @param array<string, list<int>> $answers by rung: places of the answers behind it, from 0
     * @param list<int>                $judged  places of the answers that were weighed, in the order of the judgements
     */
    public function __construct(public Pupil $pupil, public Diagnosis $diagnosis, public array $rungs, public array $answers, private array $judged = [])
    {
    }

    /**
     * With the teacher's own word over what the answers say.
     *
     * @param array<string, Standing> $words by rung
     */
    public function said(array $words): self
    {
        $rungs = $this->rungs;
        foreach ($words as $rung => $standing) {
            $next = match ($standing) {
                Standing::Secure => 0.95,
                Standing::OnTheWay => 0.7,
                Standing::NotYet => 0.2,
                Standing::NotSeen => 0.5,
            };
            $rungs[$rung] = new Learnt($standing, $next, $next, $rungs[$rung]->answers ?? 0, $rungs[$rung]->days ?? 0);
        }

        return new self($this->pupil, $this->diagnosis, $rungs, $this->answers, $this->judged);
    }

    /**
     * Where the answers stand that a finding speaks of.
     *
     * @param list<int> $judgements places among the judgements
     *
     * @return list<int> places among all answers
     */
    public function placesOf(array $judgements): array
    {
        return array_values(array_filter(array_map(fn (int $i): ?int => $this->judged[$i] ?? null, $judgements), is_int(...)));
    }

    /** Whether that answer of the child was right; null where there is nothing to go by. */
    public function isRight(Answered $answer): ?bool
    {
        $place = array_search($answer, $this->pupil->answers, true);
        $judgement = false === $place ? false : array_search($place, $this->judged, true);
        $verdict = false === $judgement ? null : $this->diagnosis->judgements[$judgement]->verdict ?? null;

        return $answer->right ?? (null === $verdict || Verdict::Blank === $verdict || Verdict::Unreadable === $verdict ? null : $verdict->isRight());
    }

    /** @return list<Finding> causes that rest on more than one answer and are there lately, the likeliest first; of two that cannot be told apart, both */
    public function causes(): array
    {
        return array_values(array_filter($this->diagnosis->findings, static fn (Finding $one): bool => \count($one->evidence) > 1 && $one->lately));
    }
}
