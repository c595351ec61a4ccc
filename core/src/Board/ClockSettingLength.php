<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** A length that is ready to be gone on or back by. */
final readonly class ClockSettingLength
{
    /**
     * @param string $typed in the notation: "3 h 30 min"
     * @param string $shown marked
     */
    public function __construct(public int $minutes, public string $typed, public string $shown)
    {
    }
}
