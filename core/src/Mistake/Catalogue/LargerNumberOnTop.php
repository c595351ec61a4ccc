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
 * Takes the time with the smaller numbers from the other in 24-hour columns, where the way goes over midnight: 22:50 to
 * 06:15 = 16 h 35 min.
 *
 * Common practice, no source.
 */
final class LargerNumberOnTop implements Mistake
{
    public function id(): string
    {
        return 'larger-number-on-top';
    }

    public function may(): string
    {
        return 'may be taking the smaller time from the larger, though midnight lies between';
    }

    public function look(): string
    {
        return 'Which of the two comes first? Pin both on two days, one after the other.';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Elapsed || !$sum->start->halfSaid || !$sum->end->halfSaid || !$sum->overMidnight()) {
            return null;
        }
        $minutes = $sum->start->minutes - $sum->end->minutes;

        return $minutes <= 0 ? null : GivenLength::amount(Amount::minutes($minutes));
    }
}
