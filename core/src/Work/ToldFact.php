<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** A time or a length in the text of a problem. */
final readonly class ToldFact
{
    /**
     * @param int    $at   where it begins, in characters from 0
     * @param string $is   what it stands for: "start", "end", "due", "lasts", "break"; empty where that is not clear
     * @param bool   $time whether it is a time of day, and not a length
     */
    public function __construct(public string $text, public int $at, public string $is, public bool $time)
    {
    }
}
