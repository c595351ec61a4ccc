<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/**
 * Counts the hours named, the first and the last included: one hour too many. Shows where it is whole hours.
 *
 * Common practice, no source.
 */
final class CountsBothEnds implements Mistake
{
    public function id(): string
    {
        return 'counts-both-ends';
    }

    public function may(): string
    {
        return 'may be counting the first hour as well as the last';
    }

    public function look(): string
    {
        return 'Count the jumps from hour to hour, not the hours that are named.';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Elapsed || !$sum->start->halfSaid || !$sum->end->halfSaid || 0 !== $sum->minutes() % 60) {
            return null;
        }

        return GivenLength::amount(Amount::minutes($sum->minutes() + 60));
    }
}
