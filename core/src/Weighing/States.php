<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/** How likely a child is in each state, given its answers. */
final readonly class States
{
    /**
     * @param float                $secure  none of the mistakes, and never one among these answers
     * @param float                $else    something that is in no catalogue, or guessing
     * @param array<string, float> $now     by mistake, or several joined by "+": has it, to the last answer
     * @param array<string, float> $earlier by mistake: had it, and has lost it since
     */
    public function __construct(public float $secure, public float $else, public array $now, public array $earlier)
    {
    }

    /** Secure now, whatever was before. */
    public function secureNow(): float
    {
        return $this->secure + array_sum($this->earlier);
    }

    /** @return array<string, float> by mistake, alone or beside others */
    public function each(): array
    {
        $each = [];
        foreach ($this->now as $state => $probability) {
            foreach (explode('+', (string) $state) as $mistake) {
                $each[$mistake] = ($each[$mistake] ?? 0.0) + $probability;
            }
        }

        return $each;
    }
}
