<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Sum\Answer;

/** A sum worked in one method from its first step to its answer. */
final readonly class Working
{
    /**
     * @param non-empty-list<Step> $steps
     * @param Answer               $answer as the method found it, by its own steps
     */
    public function __construct(public Method $method, public array $steps, public Answer $answer)
    {
    }
}
