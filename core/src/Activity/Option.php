<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

use Rostik\Core\Skill\Level;

/** Something that can be chosen about an activity. */
final readonly class Option
{
    /** @var list<Alternative> */
    public array $choices;

    /**
     * @param non-empty-array<int|string, string> $choices what each is called, by id
     * @param array<string, string>               $usual   by level: the id that is taken when nothing is chosen; the first where a level has none
     */
    public function __construct(public string $id, public string $title, array $choices, private array $usual = [])
    {
        $this->choices = array_map(static fn (int|string $id, string $title): Alternative => new Alternative((string) $id, $title), array_keys($choices), $choices);
    }

    public function usual(Level $level): string
    {
        return $this->usual[$level->value] ?? $this->choices[0]->id;
    }

    public function has(string $choice): bool
    {
        return \in_array($choice, $this->ids(), true);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn (Alternative $one): string => $one->id, $this->choices);
    }
}
