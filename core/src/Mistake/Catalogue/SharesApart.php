<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;

/**
 * Shares hours and minutes apart without exchanging; what is left over is lost: 5 h 20 min / 2 = 2 h 10 min.
 *
 * Common practice, no source.
 */
final class SharesApart implements Mistake
{
    public function id(): string
    {
        return 'shares-apart';
    }

    public function may(): string
    {
        return 'may be sharing hours and minutes apart and losing what is left of the hours';
    }

    public function look(): string
    {
        return 'Some hours cannot be shared. How many minutes are they?';
    }

    public function model(): Model
    {
        return Model::Columns;
    }

    public function predict(Sum $sum): ?Given
    {
        $c = $sum instanceof Share ? TwoColumns::alone($sum->length) : null;
        if (!$sum instanceof Share || null === $c || 0 === $c->large() % $sum->between) {
            return null;
        }
        [$large, $small] = [intdiv($c->large(), $sum->between), intdiv($c->small(), $sum->between)];

        return 0 === $large + $small ? null : $c->answer($large, $small);
    }
}
