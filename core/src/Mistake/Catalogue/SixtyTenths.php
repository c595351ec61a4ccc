<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/**
 * Takes 60 tenths for a second, as 60 seconds are a minute: 45.3 s and 38.9 s come to 83.12 s.
 *
 * Common practice, no source.
 */
final readonly class SixtyTenths implements Mistake
{
    private const SIXTY = 60;

    public function id(): string
    {
        return 'sixty-tenths';
    }

    public function may(): string
    {
        return 'may be taking 60 tenths for a second';
    }

    public function look(): string
    {
        return 'How many tenths make one second? Count on from 0.1 s until it is 1 s.';
    }

    public function model(): Model
    {
        return Model::Columns;
    }

    public function predict(Sum $sum): ?Given
    {
        return match (true) {
            $sum instanceof Total => $this->together(1, ...$sum->addends),
            $sum instanceof Product => $this->together($sum->times, $sum->length),
            $sum instanceof Difference => $this->taken($sum),
            default => null,
        };
    }

    private function together(int $times, Amount ...$amounts): ?Given
    {
        $tenths = $times * array_sum(array_map(static fn (Amount $a): int => $a->number(Unit::Tenth), $amounts));
        $seconds = $times * array_sum(array_map(static fn (Amount $a): int => $a->duration->seconds(), $amounts));

        return $tenths < Unit::Tenth->perLarger() ? null : $this->written($seconds + intdiv($tenths, self::SIXTY), $tenths % self::SIXTY);
    }

    private function taken(Difference $sum): ?Given
    {
        $tenths = $sum->from->number(Unit::Tenth) - $sum->take->number(Unit::Tenth);
        $seconds = $sum->from->duration->seconds() - $sum->take->duration->seconds() - 1;

        return $tenths >= 0 || $seconds < 0 ? null : $this->written($seconds, self::SIXTY + $tenths);
    }

    private function written(int $seconds, int $tenths): GivenLength
    {
        return GivenLength::of(...Amount::usual(Duration::ofSeconds($seconds))->parts, ...[AmountPart::whole($tenths, Unit::Tenth)]);
    }
}
