<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Problem\Operation;

/** A sum that came told in words: before it is worked, the class says what is to be done. */
final readonly class Asked
{
    /**
     * @param string    $question  as it was typed
     * @param Operation $operation what is to be done
     * @param string    $because   why, in a sentence
     * @param ?int      $step      of a problem that is set out: the step that says it, from 0; null where it is asked before anything is shown
     */
    public function __construct(public string $question, public Operation $operation, public string $because, public ?int $step = null)
    {
    }
}
