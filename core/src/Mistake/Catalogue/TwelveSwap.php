<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/**
 * Takes 12 p.m. for midnight and 12 a.m. for noon, in what is given and in what is written.
 *
 * Common practice, no source.
 */
final class TwelveSwap implements Mistake
{
    public function id(): string
    {
        return 'twelve-swap';
    }

    public function may(): string
    {
        return 'may be taking 12 p.m. for midnight and 12 a.m. for noon';
    }

    public function look(): string
    {
        return 'Which half begins at noon? Just after noon it is 12 p.m. something.';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof ClockMove) {
            if (ClockForm::Twelve !== $sum->start->form || !$sum->start->halfSaid) {
                return null;
            }

            return GivenTime::stated($this->swapped($sum->withTimes($this->taken($sum->start))->answer()->time));
        }
        if ($sum instanceof Elapsed) {
            return $sum->start->halfSaid && $sum->end->halfSaid
                ? GivenLength::amount(Elapsed::of($this->taken($sum->start), $this->taken($sum->end))->answer()->amount)
                : null;
        }
        if ($sum instanceof Order && [] !== $sum->times) {
            $keys = array_map(fn (StatedTime $t): int => $this->taken($t)->minutes, $sum->times);

            return new GivenOrder($sum->arranged($keys), $sum->times, $keys);
        }
        if ($sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as && $sum->time->halfSaid) {
            return GivenTime::stated($this->taken($sum->time)->as24());
        }

        return $sum instanceof Rewrite && TimeForm::Twelve === $sum->as && $sum->time->halfSaid
            ? GivenTime::stated($this->swapped(StatedTime::of($sum->time->time())))
            : null;
    }

    /** What is understood: a time that is written as 12 and minutes in the wrong half. "12 noon" leaves no doubt. */
    private function taken(StatedTime $time): StatedTime
    {
        return ClockForm::Twelve === $time->form && 0 !== $time->minutes % 720 ? $this->swapped($time) : $time;
    }

    /** 12 and minutes in the other half of the day; other times as they are. */
    private function swapped(StatedTime $time): StatedTime
    {
        return 12 === $time->time()->hour12() && $time->halfSaid ? $time->in($time->time()->half()->other()) : $time;
    }
}
