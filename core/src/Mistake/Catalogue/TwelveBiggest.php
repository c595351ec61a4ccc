<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;

/**
 * Puts 12 and minutes last within its half of the day.
 *
 * Common practice, no source.
 */
final class TwelveBiggest implements Mistake
{
    public function id(): string
    {
        return 'twelve-biggest';
    }

    public function may(): string
    {
        return 'may be taking 12 for the last hour of its half of the day';
    }

    public function look(): string
    {
        return 'Each half begins at 12: what comes just after noon?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Order || [] === $sum->times) {
            return null;
        }
        $keys = [];
        foreach ($sum->times as $time) {
            if (ClockForm::Twelve !== $time->form) {
                return null;
            }
            $of = $time->time();
            $keys[] = 60 * $of->hour12() + $of->minute() + ($time->halfSaid && HalfOfDay::Pm === $of->half() ? 1440 : 0);
        }

        return new GivenOrder($sum->arranged($keys), $sum->times, $keys);
    }
}
