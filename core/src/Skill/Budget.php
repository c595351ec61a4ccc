<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

/**
 * So much drawing is done for one request, however much it wishes for: counted in draws and not in seconds, so that the same
 * seed gives the same sums on every machine. What is left undone is a shortage, which is said.
 */
final class Budget
{
    /** A drawn sum with its features, as a unit: some 30 µs. */
    public const SUM = 1;

    /** A told problem: its story, its numbers, its words. */
    public const TOLD = 15;

    /** A pool of sums to choose from, with what each mistake leads to in each of them. */
    public const POOL = 3_000;

    /** About two and a half seconds on a small machine. */
    public const USUAL = 80_000;

    public function __construct(private int $left = self::USUAL)
    {
    }

    /** Whether there is as much left; it is spent with that. */
    public function allows(int $units): bool
    {
        $this->left -= $units;

        return $this->left >= 0;
    }

    public function isSpent(): bool
    {
        return $this->left <= 0;
    }
}
