<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenWord;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\LeapYear;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\CalendarDate;
use Rostik\Core\Time\Unit;

/**
 * Takes every fourth year for a leap year, whole hundreds too: 1900 and 2100.
 *
 * Common practice, no source.
 */
final class EveryFourthYear implements Mistake
{
    public function id(): string
    {
        return 'every-fourth-year';
    }

    public function may(): string
    {
        return 'may be taking every fourth year for a leap year';
    }

    public function look(): string
    {
        return 'What is different for the years with two noughts at the end?';
    }

    public function model(): Model
    {
        return Model::Month;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof LeapYear && !$sum instanceof DaysIn) {
            return null;
        }
        if (null === $sum->year || 0 !== $sum->year % 4 || CalendarDate::isLeap($sum->year)) {
            return null;
        }

        return match (true) {
            $sum instanceof LeapYear => new GivenWord('yes'),
            null === $sum->month => GivenLength::one(366, Unit::Day),
            2 === $sum->month => GivenLength::one(29, Unit::Day),
            default => null,
        };
    }
}
