<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A clock that is shown. */
final readonly class FaceReply
{
    /**
     * @param float  $minutes since midnight, with a fraction for seconds
     * @param bool   $seconds whether it has a second hand
     * @param string $half    what stands below it; empty where nothing does
     */
    public function __construct(public float $minutes, public bool $seconds, public string $half)
    {
    }
}
