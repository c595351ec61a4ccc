<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Weighing\Diagnostician;
use Rostik\Core\Weighing\Weighing;
use Rostik\Core\Work\Understanding;

/** Puts together what the answers of a child show. */
final class Pictures
{
    /** Sums kept in mind at the most. */
    private const MOST = 5000;

    /** So many of the last answers are weighed: a mistake that has not been seen in a hundred is not there any more. */
    private const WEIGHED = 120;

    /** @var array<string, list<string>> rungs by sum */
    private array $rungs = [];

    public function __construct(private readonly Diagnostician $diagnostician, private readonly Weighing $weighing, private readonly Understanding $understanding, private readonly Ladder $ladder)
    {
    }

    /**
     * From the last answer back, as far as there is something to be learnt from: the last sixty of each rung
     * ({@see Learning::LAST}), and for what may be behind wrong ones the last {@see WEIGHED} of all.
     */
    public function of(Pupil $pupil): Picture
    {
        $judgements = [];
        $usual = [];
        $seen = [];
        $behind = [];
        foreach (array_reverse($pupil->answers, true) as $i => $answer) {
            $rungs = array_filter(null === $answer->rung ? $this->rungsOf($answer->sum) : [$answer->rung], static fn (string $rung): bool => \count($seen[$rung] ?? []) < Learning::LAST);
            $weighs = \count($judgements) < self::WEIGHED;
            if ([] === $rungs && !$weighs) {
                continue;
            }
            $judged = $weighs || null === $answer->right ? $this->judged($answer) : null;
            if ($weighs && null !== $judged) {
                $judgements[$i] = $judged;
                $usual += $this->diagnostician->usual($answer->sum);
            }
            $right = $answer->right ?? $judged?->verdict->isRight();
            if (null === $right || (null === $answer->right && null !== $judged && \in_array($judged->verdict, [Verdict::Blank, Verdict::Unreadable], true))) {
                continue;
            }
            foreach ($rungs as $rung) {
                $seen[$rung][] = new Seen($right, $answer->day);
                $behind[$rung][] = $i;
            }
        }
        [$judgements, $seen, $behind] = [array_reverse($judgements, true), array_map(array_reverse(...), $seen), array_map(array_reverse(...), $behind)];
        $order = array_flip(array_map(static fn ($rung): string => $rung->id, $this->ladder->rungs()));
        $byRung = static fn (string $a, string $b): int => ($order[$a] ?? 0) <=> ($order[$b] ?? 0);
        uksort($seen, $byRung);
        uksort($behind, $byRung);

        return new Picture($pupil, $this->weighing->weigh(array_values($judgements), $usual), array_map(Learning::of(...), $seen), $behind, array_keys($judgements));
    }

    /** Null where it is only known to be wrong, or the sum cannot be read. */
    private function judged(Answered $answer): ?Judgement
    {
        // what is no sum has no mistakes of sums
        if (null !== $answer->rung || ('' === $answer->given && true !== $answer->right)) {
            return null;
        }
        try {
            // a tick says as much as the right answer written out
            return '' === $answer->given ? $this->diagnostician->ticked($answer->sum) : $this->diagnostician->judge($answer->sum, $answer->given);
        } catch (NotUnderstood) {
            return null;
        }
    }

    /** @return list<string> those that the sum calls for, the hardest of them: who can add with regrouping is not seen adding without */
    public function rungsOf(string $sum): array
    {
        if (!isset($this->rungs[$sum])) {
            if (\count($this->rungs) >= self::MOST) {
                $this->rungs = [];
            }
            try {
                $understood = $this->understanding->of($sum);
                $read = $understood->read->sum;
                $rungs = null !== $understood->told ? [$read instanceof InTurn ? 'two-step-problem' : 'one-step-problem'] : $this->ladder->exercisedBy($read);
            } catch (NotUnderstood) {
                $rungs = [];
            }
            // what a rung needs is not seen by it
            $needed = array_merge([], ...array_map(fn (string $id): array => $this->needs($id), $rungs));
            $this->rungs[$sum] = array_values(array_diff($rungs, $needed));
        }

        return $this->rungs[$sum];
    }

    /** @return list<string> rungs to stand on first, and those they need */
    private function needs(string $id): array
    {
        $needs = $this->ladder->rung($id)->needs;

        return array_values(array_unique(array_merge($needs, ...array_map(fn (string $one): array => $this->needs($one), $needs))));
    }
}
