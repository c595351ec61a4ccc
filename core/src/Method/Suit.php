<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

/** How well a method suits a sum. */
final readonly class Suit
{
    /**
     * @param int<0, 100> $score   higher suits better
     * @param string      $because one sentence with these numbers in it
     */
    public function __construct(public int $score, public string $because)
    {
    }
}
