<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** An answer of a child as it comes in: the sum, what was written, and when. */
final readonly class Answered
{
    /**
     * @param string  $sum   line of the notation, or a problem with its sum in brackets
     * @param string  $given as written; empty where only the mark is known
     * @param string  $day   2027-03-11
     * @param ?bool   $right where only the mark is known, or the teacher said so; null for as it is judged
     * @param ?string $rung  that it was asked for, where the line is no sum that says it itself
     */
    public function __construct(public string $sum, public string $given, public string $day, public ?bool $right = null, public ?string $rung = null)
    {
    }
}
