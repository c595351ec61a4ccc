<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

/** One try to feel a length of time. */
final readonly class TryReply
{
    /**
     * @param int    $tenths of a second
     * @param string $is     under, exactly or over
     */
    public function __construct(public int $tenths, public ?string $child, public string $is)
    {
    }
}
