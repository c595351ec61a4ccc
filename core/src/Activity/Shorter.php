<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** A change that makes an activity shorter. */
final readonly class Shorter
{
    /**
     * @param string                $change  in words
     * @param ?int                  $group   children in a group then
     * @param array<string, string> $options chosen then
     * @param float                 $minutes that it takes then
     */
    public function __construct(public string $change, public ?int $group, public array $options, public float $minutes)
    {
    }
}
