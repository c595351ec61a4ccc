<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenSign;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\AmountPart;

/**
 * Reads the decimal part as minutes: 1.5 h = 1 h 5 min, 2.25 h = 2 h 25 min. The same the other way, 1 h 15 min written as
 * 1.15 h, is seen where an answer is judged ({@see \Rostik\Core\Judging\Judge}).
 *
 * Common practice, no source.
 */
final class DecimalAsMinutes implements Mistake
{
    public function id(): string
    {
        return 'decimal-as-minutes';
    }

    public function may(): string
    {
        return 'may be reading the decimal part as minutes';
    }

    public function look(): string
    {
        return 'What is half of an hour in minutes? 0.5 is a half.';
    }

    public function model(): Model
    {
        return Model::Clock;
    }

    public function predict(Sum $sum): ?Given
    {
        if ($sum instanceof Comparison) {
            return $this->compared($sum);
        }
        $back = $sum instanceof Conversion ? $this->back($sum) : null;
        if (null !== $back) {
            return $back;
        }
        if (!$sum instanceof Conversion || 1 !== \count($sum->amount->parts) || $sum->amount->isWhole() || !$sum->amount->parts[0]->isDecimal()) {
            return null;
        }
        $part = $sum->amount->parts[0];
        $small = $sum->units[\count($sum->units) - 1];
        if ($part->unit->smaller() !== $small || \count($sum->units) > 2) {
            return null;
        }
        $whole = intdiv($part->numerator, $part->denominator);
        $decimals = $this->decimals($part);

        return 2 === \count($sum->units)
            ? GivenLength::two($whole, $sum->units[0], $decimals, $small)
            : GivenLength::one($whole * $small->perLarger() + $decimals, $small);
    }

    /** The other way: 3 h 15 min is 3.15 h, 90 min is 1.3 h. */
    private function back(Conversion $sum): ?Given
    {
        $small = $sum->units[0]->smaller();
        if (1 !== \count($sum->units) || null === $small || 60 !== $small->perLarger() || $sum->amount->duration->chain !== $sum->units[0]->chain() || !$sum->amount->isWhole() || 0 !== $sum->amount->duration->count % $small->size()) {
            return null;
        }
        $all = intdiv($sum->amount->duration->count, $small->size());

        return 0 === $all % 60 ? null : GivenLength::of(AmountPart::fraction(100 * intdiv($all, 60) + $all % 60, 100, $sum->units[0]));
    }

    /** 1.5 h is 65 min, beside 80 min. */
    private function compared(Comparison $sum): ?Given
    {
        $shows = false;
        $sizes = [];
        foreach ([$sum->left, $sum->right] as $side) {
            $part = $side->parts[0];
            $read = 1 === \count($side->parts) && !$part->isWhole() && $part->isDecimal() && null !== $part->unit->smaller();
            $shows = $shows || $read;
            $sizes[] = $read ? intdiv($part->numerator, $part->denominator) * $part->unit->size() + $this->decimals($part) * ($part->unit->smaller()?->size() ?? 0) : $side->duration->count;
        }

        return $shows && $sum->left->duration->chain === $sum->right->duration->chain ? new GivenSign(['<', '=', '>'][($sizes[0] <=> $sizes[1]) + 1]) : null;
    }

    /** What stands after the point, as a number. */
    private function decimals(AmountPart $part): int
    {
        return (int) explode('.', rtrim(rtrim(number_format($part->numerator / $part->denominator, 6, '.', ''), '0'), '.'))[1];
    }
}
