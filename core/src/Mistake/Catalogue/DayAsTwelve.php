<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OtherRate;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Unit;

/**
 * Takes a day for 12 hours, as the clock face has: 2 days = 24 h; 1 day 8 h + 9 h = 2 days 5 h.
 *
 * Common practice, no source.
 */
final class DayAsTwelve implements Mistake
{
    public function id(): string
    {
        return 'day-as-twelve';
    }

    public function may(): string
    {
        return 'may be taking a day for 12 hours';
    }

    public function look(): string
    {
        return 'How often does the hour hand go round in a day and a night?';
    }

    public function model(): Model
    {
        return Model::Day;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Conversion) {
            return OtherRate::converted($sum, 12, Unit::Day);
        }
        $c = TwoColumns::of($sum);
        if (null === $c || Unit::Day !== $c->large || Unit::Hour !== $c->small) {
            return null;
        }
        $hours = $c->together(12);

        return $hours < 0 ? null : $c->answer(intdiv($hours, 12), $hours % 12);
    }
}
