<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\InSteps;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/**
 * Stops after the first of several steps, or adds only the first two of several lengths.
 *
 * Common practice, no source.
 */
final readonly class OneStepOnly implements Mistake
{
    public function __construct(private RightAnswer $right)
    {
    }

    public function id(): string
    {
        return 'one-step-only';
    }

    public function may(): string
    {
        return 'may be stopping after the first step';
    }

    public function look(): string
    {
        return 'Point to each number in the sum. Which of them has not been used yet?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        $first = match (true) {
            $sum instanceof Series => null,
            // a length is not written where a time is asked for
            $sum instanceof InSteps => $sum->step(0)->answered() === $sum->answered() ? $sum->step(0) : null,
            $sum instanceof Total && \count($sum->addends) > 2 => Total::of($sum->addends[0], $sum->addends[1]),
            default => null,
        };

        return null === $first ? null : $this->right->to($first);
    }
}
