<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** All kinds of question: every class in the folder Kind that is one, in the order that they state themselves. */
final readonly class Kinds
{
    /** @var array<string, Kind> by id */
    public array $all;

    /** @param iterable<Kind> $kinds in the order in which they are listed */
    public function __construct(iterable $kinds)
    {
        $byId = [];
        foreach ($kinds as $kind) {
            $byId[$kind->id()] = $kind;
        }
        $this->all = $byId;
    }

    public function kind(string $id): ?Kind
    {
        return $this->all[$id] ?? null;
    }
}
