<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Problem\Operation;

/** A sum that came told in words: before it is worked, the class says what is to be done. */
final readonly class Asked
{
    /**
     * @param string     $question    as it was typed
     * @param Operation  $operation   what is to be done
     * @param string     $because     why, in a sentence
     * @param ?Operation $also        what is as right: how long something is, is found by subtracting, too
     * @param string     $alsoBecause why, and what we call it; empty where there is none
     * @param ?int       $step        of a problem that is set out: the step that says it, from 0; null where it is asked before anything is shown
     */
    private function __construct(public string $question, public Operation $operation, public string $because, public ?int $step = null, public ?Operation $also = null, public string $alsoBecause = '')
    {
    }

    /** How long something is can be found by counting on and by subtracting: whoever says either is right. */
    public static function before(string $question, Operation $operation, string $because, ?int $step = null): self
    {
        return Operation::HowLong === $operation
            ? new self($question, $operation, $because, $step, Operation::Subtract, 'The columns subtract: the end minus the start. Counting on from the start leads there, too. We call it: how long is it?')
            : new self($question, $operation, $because, $step);
    }
}
