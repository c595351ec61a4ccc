<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OnTheLine;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Sum;

/**
 * Leaves out the first jump on the line, the one to the o’clock: 9:40 to 12:15 = 2 h 15 min; 10:40 + 3 h 35 min = 1:55.
 *
 * Common practice, no source.
 */
final class ForgetsFirstJump implements Mistake
{
    public function id(): string
    {
        return 'forgets-first-jump';
    }

    public function may(): string
    {
        return 'may be leaving out the minutes up to the first o’clock on the line';
    }

    public function look(): string
    {
        return 'Count the jumps: which of them goes to the o’clock?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        $line = OnTheLine::of($sum);

        return $line?->without($line->first);
    }
}
