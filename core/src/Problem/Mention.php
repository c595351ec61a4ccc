<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** A time, a length or a number in the text of a problem. */
final readonly class Mention
{
    /**
     * @param string $sign T0, L1, N2: what stands in its place in a pattern
     * @param string $text as it is written
     * @param int    $at   where it begins, in characters of the whole text
     */
    public function __construct(public string $sign, public string $text, public int $at, public StatedTime|Amount|int $value)
    {
    }
}
