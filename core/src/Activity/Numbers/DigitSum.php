<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

/** A sum in columns with some digits to be found. */
final readonly class DigitSum
{
    /**
     * @param '+'|'-'        $sign
     * @param list<DigitRow> $rows the two that are given, and the answer
     */
    public function __construct(public string $sign, public array $rows)
    {
    }
}
