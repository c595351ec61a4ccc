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
 * Multiplies where it should divide, or the reverse where that comes out whole: 120 min in h = 7200.
 *
 * Common practice, no source.
 */
final class WrongWay implements Mistake
{
    public function id(): string
    {
        return 'wrong-way';
    }

    public function may(): string
    {
        return 'may be multiplying where it is to be divided, or the other way round';
    }

    public function look(): string
    {
        return 'Will there be more of them or fewer? A smaller unit needs more.';
    }

    public function model(): Model
    {
        return Model::Table;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Conversion || 1 !== \count($sum->units) || 1 !== \count($sum->amount->parts) || !$sum->isExact() || !$sum->amount->isWhole()) {
            return null;
        }
        $from = $sum->amount->parts[0];
        $to = $sum->units[0];
        if ($from->unit->size() < $to->size()) {
            return GivenLength::one($from->numerator * intdiv($to->size(), $from->unit->size()), $to);
        }
        $per = intdiv($from->unit->size(), $to->size());

        return $per > 1 && 0 === $from->numerator % $per ? GivenLength::one(intdiv($from->numerator, $per), $to) : null;
    }
}
