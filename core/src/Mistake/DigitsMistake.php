<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/** What mistakes in writing a time of a 12-hour clock in digits share: other numbers are written, the half of the day is left. */
abstract class DigitsMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Clock;
    }

    final public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || TimeForm::Digital !== $sum->as || ClockForm::Twelve !== $sum->time->form) {
            return null;
        }
        $time = $sum->time->time();
        $written = $this->written($time->hour12(), $time->minute());

        return null === $written ? null : GivenTime::of12($written[0], $written[1], $sum->time->halfSaid ? $time->half() : null);
    }

    /**
     * @param int $hour 1 to 12
     *
     * @return ?array{int, int} the hour and the minutes as they are written, whether a clock shows them or not; null where it does not show
     */
    abstract protected function written(int $hour, int $minute): ?array;
}
