<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Time\Unit;

/** What a change of units comes to for those who take another number of the smaller unit for one of the larger. */
final class OtherRate
{
    /**
     * @param int   $rate  how many of the smaller make one of the larger, as the child has it
     * @param ?Unit $large the larger unit in which it shows; null for every one
     *
     * @return ?Given null where it does not show, or does not come out whole
     */
    public static function converted(Conversion $sum, int $rate, ?Unit $large = null): ?Given
    {
        if (!$sum->isExact() || !$sum->amount->isWhole()) {
            return null;
        }
        $parts = $sum->amount->parts;
        $units = $sum->units;
        $small = $units[\count($units) - 1];
        if (1 === \count($units) && $parts[0]->unit->smaller() === $small && (!isset($parts[1]) || $parts[1]->unit === $small)) {
            return null !== $large && $large !== $parts[0]->unit ? null : GivenLength::one($rate * $parts[0]->numerator + ($parts[1]->numerator ?? 0), $small);
        }
        if (1 !== \count($parts) || $parts[0]->unit->larger() !== $units[0] || (null !== $large && $large !== $units[0])) {
            return null;
        }
        $n = $parts[0]->numerator;
        if (2 === \count($units) && $units[1] === $parts[0]->unit) {
            return GivenLength::two(intdiv($n, $rate), $units[0], $n % $rate, $units[1]);
        }

        return 1 === \count($units) && 0 === $n % $rate ? GivenLength::one(intdiv($n, $rate), $units[0]) : null;
    }
}
