<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** A bar of a chart: how many tries lie in it. */
final readonly class Bar
{
    /**
     * @param int    $from  tenths of a second, included
     * @param int    $to    tenths of a second, not included
     * @param string $label "25 to 30 s"
     */
    public function __construct(public int $from, public int $to, public string $label, public int $count)
    {
    }
}
