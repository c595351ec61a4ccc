<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Question\Setting;
use Rostik\Core\Sum\Sum;

/**
 * The skill ladder, from reading a clock to planning backwards. It answers to (from memory; check the wording before
 * quoting): England, National Curriculum 2013, mathematics, measurement, Years 3 to 6; United States, Common Core State
 * Standards 2.MD.C.7, 3.MD.A.1, 4.MD.A.1, 4.MD.A.2, 5.MD.A.1.
 */
final readonly class Ladder
{
    /** @var array<string, Rung> by id, from the bottom up */
    private array $rungs;

    /** @var array<string, list<Rung>> by kind of sum, those that a bare sum can exercise, from the bottom up */
    private array $byKind;

    /** @param iterable<Rungs> $parts from the bottom up */
    public function __construct(iterable $parts)
    {
        $byId = [];
        $byKind = [];
        foreach ($parts as $part) {
            foreach ($part->all() as $rung) {
                $byId[$rung->id] = $rung;
                foreach (Setting::Bare === $rung->setting ? $rung->kinds : [] as $kind) {
                    $byKind[$kind->value][] = $rung;
                }
            }
        }
        $this->rungs = $byId;
        $this->byKind = $byKind;
    }

    /** @return list<Rung> from the bottom up */
    public function rungs(): array
    {
        return array_values($this->rungs);
    }

    /** @throws NoSuchRung */
    public function rung(string $id): Rung
    {
        return $this->rungs[$id] ?? throw new NoSuchRung($id);
    }

    /** @return list<Rung> the rungs on which a mistake is looked for, from the bottom up */
    public function lookingFor(string $mistake): array
    {
        return array_values(array_filter($this->rungs, static fn (Rung $rung): bool => \in_array($mistake, $rung->mistakes, true)));
    }

    /** @return list<string> ids of the rungs that a bare sum exercises, from the bottom up */
    public function exercisedBy(Sum $sum): array
    {
        if ([] !== $sum->readings()) {
            // what is not yet one sum calls for nothing yet
            return [];
        }
        $features = Features::of($sum);
        $ids = [];
        foreach ($this->byKind[$sum->kind()->value] ?? [] as $rung) {
            if ($rung->isCalledForBy($sum, $features)) {
                $ids[] = $rung->id;
            }
        }

        // one that has no rung of its own calls for what the sum behind it calls for
        return [] === $ids && $sum->plain() !== $sum ? $this->exercisedBy($sum->plain()) : $ids;
    }
}
