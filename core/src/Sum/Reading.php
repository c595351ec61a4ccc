<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** One way in which a sum can be meant, with what it takes for granted: "if 11:40 is p.m.". */
final readonly class Reading
{
    public function __construct(public Phrase $assumes, public Sum $sum)
    {
    }
}
