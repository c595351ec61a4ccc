<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Question\Question;
use Rostik\Core\Sequence\Pool;
use Rostik\Core\Sequence\Sequencer;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;

/** What the sums of a part stand there for: as they were chosen, or, of a teacher's own, as they turn out to be. */
final readonly class Purposes
{
    public function __construct(private SumReader $reader, private Pool $pool, private Sequencer $sequencer, private Ladder $ladder)
    {
    }

    /**
     * @param string $rung of the lesson, where the part has none of its own
     *
     * @return list<string> of each of its sums, in their order; empty where nothing can be said
     */
    public function of(Part $part, string $rung): array
    {
        if ([] === array_diff($part->sums, array_map(strval(...), array_keys($part->says)))) {
            return array_map(static fn (string $sum): string => $part->says[$sum], $part->sums);
        }
        $says = [];
        $before = [];
        foreach ($part->bareSums() as $i => $sum) {
            $said = $part->says[$part->sums[$i]] ?? null;
            try {
                $one = $this->pool->exercise(new Question($this->reader->read($sum)->sum));
                $says[] = $said ?? $this->sequencer->said($this->ladder->rung($part->rung ?? $rung), $one, $before);
                $before[] = $one;
            } catch (NotUnderstood|NoSuchRung) {
                $says[] = '';
            }
        }

        return $says;
    }
}
