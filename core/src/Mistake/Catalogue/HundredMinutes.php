<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;

/**
 * Treats an hour as 100 minutes (or a minute as 100 seconds): works as with whole numbers, and regroups, exchanges and
 * converts at 100.
 *
 * Common practice, no source.
 */
final class HundredMinutes implements Mistake
{
    public function id(): string
    {
        return 'hundred-minutes';
    }

    public function may(): string
    {
        return 'may be treating an hour as 100 minutes';
    }

    public function look(): string
    {
        return 'How many minutes are there in an hour? Count them in fives round the clock.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Conversion) {
            return $this->converted($sum);
        }
        $c = $sum instanceof Product || $sum instanceof FractionalProduct ? null : TwoColumns::of($sum);
        if (null === $c || 60 !== $c->limit) {
            return null;
        }
        $numbers = array_map(static fn (array $row): int => 100 * $row[0] + $row[1], $c->rows);
        $result = '+' === $c->operation ? array_sum($numbers) : ($numbers[0] ?? 0) - ($numbers[1] ?? 0);

        return $result < 0 ? null : $c->answer(intdiv($result, 100), $result % 100);
    }

    private function converted(Conversion $sum): ?Given
    {
        $units = $sum->units;
        $parts = $sum->amount->parts;
        $small = $units[\count($units) - 1];
        $large = $parts[0]->unit;
        if (1 === \count($units) && $large->smaller() === $small && 60 === $small->perLarger() && \count($parts) <= 2) {
            $first = $parts[0]->numerator * 100;
            if (0 !== $first % $parts[0]->denominator || (isset($parts[1]) && $parts[1]->unit !== $small)) {
                return null;
            }

            return GivenLength::one(intdiv($first, $parts[0]->denominator) + ($parts[1]->numerator ?? 0), $small);
        }
        // back again: 135 min as 1 h 35 min, 300 min as 3 h
        if (1 !== \count($parts) || !$parts[0]->isWhole() || 60 !== $large->perLarger() || $large->larger() !== $units[0]) {
            return null;
        }
        $n = $parts[0]->numerator;
        if (2 === \count($units) && $units[1] === $large) {
            return GivenLength::two(intdiv($n, 100), $units[0], $n % 100, $units[1]);
        }

        return 1 === \count($units) && 0 === $n % 100 ? GivenLength::one(intdiv($n, 100), $units[0]) : null;
    }
}
