<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** A sum with its answer, without working. */
final readonly class AnsweredSum
{
    /**
     * @param string        $sum    canonical text
     * @param string        $shown  the same as marked text
     * @param ?WorkedAnswer $answer null where a half of the day that was not said changes it
     */
    public function __construct(public string $sum, public string $shown, public ?WorkedAnswer $answer)
    {
    }
}
