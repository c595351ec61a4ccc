<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** What is wanted of the stories of a set beside their rung and level. */
final readonly class StoryWishes
{
    /**
     * @param bool         $pairs whether they come in pairs with the same word in them, one to add and one to take away
     * @param list<string> $names of the children in them; none for made-up ones
     */
    public function __construct(public bool $pairs = false, public array $names = [])
    {
    }

    public function isAny(): bool
    {
        return $this->pairs || [] !== $this->names;
    }
}
