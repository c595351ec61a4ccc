<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\LengthReading;
use Rostik\Core\Notation\Line;
use Rostik\Core\Notation\SolvedForm;
use Rostik\Core\Notation\UnitWords;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Unit;

/** 95 min in h min, 4 years in months; also "how many minutes in 2 h". With "about" before it a round number is enough. */
final class ConversionForm implements SolvedForm
{
    public function kind(): Kind
    {
        return Kind::Conversion;
    }

    public function read(Line $line): array
    {
        $start = $line->start;
        $about = $line->words->is($start, 'about', 'roughly');
        if ($about) {
            ++$start;
        }
        $unit = UnitWords::unit($line->words->at($start));
        if (null !== $unit) {
            $after = $line->after($start + 1, 'in', 'are in', 'is in', 'make');
            $after = 0 === $after && $line->words->is($start + 1, 'are') && $line->words->is($start + 2, 'there') ? $line->after($start + 3, 'in') : $after;
            $length = 0 === $after ? null : $line->length($after);

            return null === $length || !$line->endsAt($length->next) ? [] : [Conversion::of($this->fit($length), $about, $unit)];
        }
        $length = $line->length($start);
        $after = null === $length ? 0 : $line->after($length->next, 'in', 'to', 'into', 'as');
        if (null === $length || 0 === $after) {
            return [];
        }
        if ($line->words->is($after, 'about')) {
            $about = true;
            ++$after;
        }
        $units = [];
        while (null !== $unit = UnitWords::unit($line->words->at($after))) {
            $units[] = $unit;
            ++$after;
            if ($line->words->is($after, 'and', ',', '&')) {
                ++$after;
            }
        }

        return !isset($units[0]) || !$line->endsAt($after) ? [] : [Conversion::of($this->fit($length), $about, ...$units)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Conversion) {
            return '';
        }
        $units = array_map(static fn (Unit $u): string => $u->after(2), $sum->units);

        return ($sum->about ? 'about ' : '').$writer->amount($sum->amount).' in '.implode(' ', $units);
    }

    /** A decimal is kept, since the question is about it; a fraction that does not end is not. */
    private function fit(LengthReading $length): Amount
    {
        foreach ($length->amount->parts as $part) {
            if (!$part->isDecimal()) {
                return $length->amount->wholeParts();
            }
        }

        return $length->amount;
    }

    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Conversion ? $writer->amount($sum->amount).' = '.$writer->answer($answer) : '';
    }
}
