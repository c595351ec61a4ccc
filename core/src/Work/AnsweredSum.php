<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\Note;

/** A sum with its answer, without working. */
final readonly class AnsweredSum
{
    /**
     * @param string        $sum    canonical text
     * @param string        $shown  the same as marked text
     * @param ?WorkedAnswer $answer null where it depends on what was not said
     * @param ?Note         $open   what that is; null where there is an answer
     */
    public function __construct(public string $sum, public string $shown, public ?WorkedAnswer $answer, public ?Note $open)
    {
    }
}
