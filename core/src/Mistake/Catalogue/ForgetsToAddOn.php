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
 * Converts the larger unit and leaves the smaller out: 3 h 15 min = 180 min.
 *
 * Common practice, no source.
 */
final class ForgetsToAddOn implements Mistake
{
    public function id(): string
    {
        return 'forgets-to-add-on';
    }

    public function may(): string
    {
        return 'may be leaving out the smaller unit';
    }

    public function look(): string
    {
        return 'The hours are changed: what about the minutes that were there already?';
    }

    public function model(): Model
    {
        return Model::Table;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Conversion || 1 !== \count($sum->units) || 2 !== \count($sum->amount->parts) || !$sum->isExact() || !$sum->amount->isWhole()) {
            return null;
        }
        [$large, $small] = $sum->amount->parts;
        $target = $sum->units[0];
        if ($small->unit !== $target) {
            return null;
        }

        return GivenLength::one($large->numerator * intdiv($large->unit->size(), $target->size()), $target);
    }
}
