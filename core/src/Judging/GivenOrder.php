<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

/** Things in the order in which a child put them. */
final readonly class GivenOrder implements Given
{
    /**
     * @param list<int>    $positions of the given things, first to last, counted from 0
     * @param list<string> $things    as the sum gives them
     */
    public function __construct(public array $positions, private array $things)
    {
    }

    public function text(): string
    {
        return implode(', ', array_map(fn (int $i): string => $this->things[$i] ?? '?', $this->positions));
    }

    /** Things that are alike may stand either way round. */
    public function says(Given $other): bool
    {
        return $other instanceof self && $this->text() === $other->text();
    }
}
