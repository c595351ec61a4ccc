<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/** A child with its answers, the earliest first. */
final readonly class Pupil
{
    /**
     * @param string         $id      by which it is known
     * @param list<Answered> $answers
     */
    public function __construct(public string $id, public array $answers)
    {
    }
}
