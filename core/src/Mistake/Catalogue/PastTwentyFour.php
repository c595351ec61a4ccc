<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/**
 * Goes on past 24 after midnight: 22:50 + 1 h 30 min = 24:20; 12:20 a.m. as 24h = 24:20. What is 24:00 itself is another
 * way of writing midnight (ISO 8601-1, from memory).
 *
 * Common practice, no source.
 */
final class PastTwentyFour implements Mistake
{
    public function id(): string
    {
        return 'past-twenty-four';
    }

    public function may(): string
    {
        return 'may be counting on past 24 after midnight';
    }

    public function look(): string
    {
        return 'What does a 24-hour clock show a minute after 23:59?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Later && ClockForm::TwentyFour === $sum->start->form) {
            $minutes = $sum->start->minutes + $sum->minutes();

            return $minutes <= 1440 || $minutes >= 2 * 1440 ? null : GivenTime::of24(intdiv($minutes, 60), $minutes % 60);
        }

        return $sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as && $sum->time->halfSaid && $sum->time->minutes > 0 && $sum->time->minutes < 60
            ? GivenTime::of24(24, $sum->time->minutes) : null;
    }
}
