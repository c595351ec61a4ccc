<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** An activity as it would fit into a part of a lesson. */
final readonly class Fitting
{
    /**
     * @param string                $activity id
     * @param string                $rung     that it practises
     * @param ?int                  $group    children in a group; null where all play together
     * @param array<string, string> $options  chosen, by id
     * @param int                   $minutes  that it is expected to take
     */
    public function __construct(public string $activity, public string $title, public string $rung, public ?int $group, public array $options, public int $minutes)
    {
    }
}
