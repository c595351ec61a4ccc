<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\GivenTimes;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;

/**
 * Takes the end of the first gap for the first of several times: as many gaps as there are times.
 *
 * Common practice, no source.
 */
final class FencePost implements Mistake
{
    public function id(): string
    {
        return 'fence-post';
    }

    public function may(): string
    {
        return 'may be counting the gaps and not the times';
    }

    public function look(): string
    {
        return 'Mark the times on the line. How many are there, and how many jumps between them?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Series || null !== $sum->until) {
            return null;
        }

        return new GivenTimes(array_map(static fn (int $i): GivenTime => GivenTime::stated($sum->start->moved($i * $sum->minutes())), range(1, $sum->count)));
    }
}
