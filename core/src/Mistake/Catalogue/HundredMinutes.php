<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\TwoColumns;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\FractionalProduct;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/**
 * Treats an hour as 100 minutes (or a minute as 100 seconds): works as with whole numbers, and regroups, exchanges and
 * converts at 100; takes a quarter of an hour for 25 minutes.
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
        if ($sum instanceof Rewrite) {
            return $this->quarters($sum);
        }
        $c = $sum instanceof Share ? TwoColumns::alone($sum->length) : ($sum instanceof FractionalProduct ? null : TwoColumns::of($sum));
        if (null === $c || 60 !== $c->limit) {
            return null;
        }
        $result = $c->together(100);
        if ($sum instanceof Share) {
            $result = 0 === $result % $sum->between ? intdiv($result, $sum->between) : -1;
        }

        return $result < 0 ? null : $c->answer(intdiv($result, 100), $result % 100);
    }

    /** A quarter of a hundred is 25, a half of it 50: quarter past 3 = 3:25; 3:50 is half past three. */
    private function quarters(Rewrite $sum): ?Given
    {
        $minute = $sum->time->time()->minute();
        $written = match ($sum->as) {
            TimeForm::Digital => [15 => 25, 30 => 50, 45 => 75][$minute] ?? null,
            TimeForm::Words => [25 => 15, 50 => 30][$minute] ?? null,
            default => null,
        };
        if (null === $written || ClockForm::Twelve !== $sum->time->form) {
            return null;
        }
        if (TimeForm::Words === $sum->as) {
            return GivenTime::stated($sum->time->moved($written - $minute), true);
        }

        return GivenTime::of12($sum->time->time()->hour12(), $written, $sum->time->halfSaid ? $sum->time->time()->half() : null);
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
        // 2.5 h as 2 h 50 min
        if (2 === \count($units) && 1 === \count($parts) && !$parts[0]->isWhole() && $large === $units[0] && $large->smaller() === $small && 60 === $small->perLarger() && 0 === 100 * $parts[0]->numerator % $parts[0]->denominator) {
            $hundredths = intdiv(100 * $parts[0]->numerator, $parts[0]->denominator);

            return GivenLength::two(intdiv($hundredths, 100), $large, $hundredths % 100, $small);
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
