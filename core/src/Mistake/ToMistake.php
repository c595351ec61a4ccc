<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** What mistakes with "to" share: they show after half past, between digits and words, and leave the half of the day. */
abstract class ToMistake implements Mistake
{
    final public function model(): Model
    {
        return Model::Clock;
    }

    final public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Rewrite || (TimeForm::Digital !== $sum->as && TimeForm::Words !== $sum->as) || $sum->time->time()->minute() <= 30) {
            return null;
        }
        $time = $sum->time->time();
        $inWords = TimeForm::Words === $sum->as;
        $told = $this->told($time, $inWords);

        return GivenTime::stated($sum->time->halfSaid ? $told->in($time->half()) : $told, $inWords);
    }

    /** The time that is written or said for the given one, its half of the day left open. */
    abstract protected function told(TimeOfDay $time, bool $inWords): StatedTime;
}
