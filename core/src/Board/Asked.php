<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

/** A sum that came told in words: before anything is worked, the class says what is to be done. */
final readonly class Asked
{
    /**
     * @param string    $question  as it was typed
     * @param Operation $operation what is to be done
     * @param string    $because   why, in a sentence
     */
    public function __construct(public string $question, public Operation $operation, public string $because)
    {
    }
}
