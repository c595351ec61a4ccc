<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** A length as it is shown. */
final readonly class Span
{
    /**
     * @param int    $minutes 0 or more
     * @param string $text    marked
     */
    public function __construct(public int $minutes, public string $text)
    {
    }
}
