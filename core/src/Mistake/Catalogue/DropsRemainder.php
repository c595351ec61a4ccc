<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Sum;

/**
 * Keeps the whole number and loses the remainder: 105 min = 1 h.
 *
 * Common practice, no source.
 */
final class DropsRemainder implements Mistake
{
    public function id(): string
    {
        return 'drops-remainder';
    }

    public function may(): string
    {
        return 'may be losing what is left over';
    }

    public function look(): string
    {
        return 'How many are left over after the whole ones? They are still there.';
    }

    public function model(): Model
    {
        return Model::Table;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Conversion || 2 !== \count($sum->units) || 1 !== \count($sum->amount->parts) || !$sum->isExact()) {
            return null;
        }
        $whole = intdiv($sum->amount->duration->count, $sum->units[0]->size());

        return $whole < 1 ? null : GivenLength::one($whole, $sum->units[0]);
    }
}
