<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OnTheLine;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Sum;

/**
 * Stops at the last o’clock on the line: 9:40 to 12:15 = 2 h 20 min; 10:40 + 3 h 35 min = 2:00.
 *
 * Common practice, no source.
 */
final class ForgetsLastJump implements Mistake
{
    public function id(): string
    {
        return 'forgets-last-jump';
    }

    public function may(): string
    {
        return 'may be stopping on the line at the last o’clock';
    }

    public function look(): string
    {
        return 'Where does the last jump end? Is that where it was to go?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        $line = OnTheLine::of($sum);

        return $line?->without($line->last);
    }
}
