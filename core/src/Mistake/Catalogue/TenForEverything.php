<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OtherRate;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Unit;

/**
 * Takes every unit for ten of the next: 4 h = 40 min.
 *
 * Common practice, no source.
 */
final class TenForEverything implements Mistake
{
    public function id(): string
    {
        return 'ten-for-everything';
    }

    public function may(): string
    {
        return 'may be taking every unit for ten of the next smaller';
    }

    public function look(): string
    {
        return 'How many of this unit make one of that? Look at the reference chart.';
    }

    public function model(): Model
    {
        return Model::Table;
    }

    public function predict(Sum $sum): ?Given
    {
        if (!$sum instanceof Conversion || !$sum->isExact()) {
            return null;
        }
        $parts = $sum->amount->parts;
        $units = $sum->units;
        $small = $units[\count($units) - 1];
        if (!$sum->amount->isWhole()) {
            return 1 === \count($parts) && $parts[0]->unit->smaller() === $small ? $this->ofDecimal($parts[0], $units) : null;
        }

        return OtherRate::converted($sum, 10);
    }

    /**
     * 1.5 h = 15 min; 2.5 h = 2 h 5 min.
     *
     * @param non-empty-list<Unit> $units
     */
    private function ofDecimal(AmountPart $part, array $units): ?Given
    {
        $small = $units[\count($units) - 1];
        $tenths = 10 * $part->numerator;
        if (0 !== $tenths % $part->denominator || \count($units) > 2) {
            return null;
        }
        $tenths = intdiv($tenths, $part->denominator);

        return 1 === \count($units) ? GivenLength::one($tenths, $small) : GivenLength::two(intdiv($tenths, 10), $units[0], $tenths % 10, $small);
    }
}
