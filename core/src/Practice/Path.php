<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;

/** The rungs that are practised, each after those that it needs. */
final readonly class Path
{
    /** @var non-empty-list<string> ids, from the bottom up */
    public array $rungs;

    /** @var array<string, int> by id */
    private array $places;

    /** @param non-empty-list<string> $rungs */
    private function __construct(array $rungs)
    {
        $this->rungs = $rungs;
        $this->places = array_flip($rungs);
    }

    /**
     * @param list<string> $wanted ids; those that there are not are passed over
     *
     * @return ?self null where none is left
     */
    public static function of(Ladder $ladder, array $wanted): ?self
    {
        $all = [];
        foreach ($ladder->rungs() as $rung) {
            $all[$rung->id] = $rung;
        }
        $all = array_intersect_key($all, array_flip($wanted));
        // by how much stands below it, so that what is easy comes early; the order of the ladder among equals
        $depth = array_map(static fn (Rung $rung): int => self::below($ladder, $rung->id), $all);
        asort($depth);
        $ids = array_keys($depth);

        return [] === $ids ? null : new self($ids);
    }

    public function has(string $rung): bool
    {
        return isset($this->places[$rung]);
    }

    /** How many rungs of the path stand below it. */
    public function place(string $rung): int
    {
        return $this->places[$rung] ?? 0;
    }

    public function count(): int
    {
        return \count($this->rungs);
    }

    /** How many steps the longest way to a rung has. */
    private static function below(Ladder $ladder, string $id): int
    {
        $needs = $ladder->rung($id)->needs;

        return [] === $needs ? 0 : 1 + max(array_map(static fn (string $need): int => self::below($ladder, $need), $needs));
    }
}
