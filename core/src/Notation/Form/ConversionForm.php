<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\PartWritten;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Unit;

/**
 * 105 min in h min, 5 years in months; also "how many minutes in 2 h" and, as on worksheets, 105 min = __ h __ min. With
 * "about" before it a round number is enough.
 */
final class ConversionForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [Conversion::class];
    }

    public static function precedence(): int
    {
        return 110;
    }

    public function read(TypedLine $line): array
    {
        $start = $line->start;
        $about = $line->words->is($start, 'about', 'roughly');
        if ($about) {
            ++$start;
        }
        if (null !== $unit = $line->words->unit($start)) {
            $and = $line->after($start + 1, 'and', '&');
            $second = 0 === $and ? null : $line->words->unit($and);

            return null === $second ? $this->howMany($line, $start + 1, $about, $unit) : $this->howMany($line, $and + 1, $about, $unit, $second);
        }
        $length = $line->length($start);
        if (null === $length) {
            return $this->blanksFirst($line);
        }
        $after = $line->after($length->next, 'in', 'to', 'into', 'as');
        if ($line->words->is($after, 'about')) {
            $about = true;
            ++$after;
        }
        [$units, $end] = 0 === $after ? $this->afterEquals($line, $length->next) : $this->units($line, $after);

        $part = 1 === \count($units) ? $this->part($line, $end) : null;
        if (null !== $part) {
            return [Conversion::inOne($length->toConvert(), $units[0], $part)];
        }

        return !isset($units[0]) || !$line->endsAt($end) ? [] : [Conversion::of($length->toConvert(), $about, ...$units)];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Conversion) {
            return '';
        }
        $units = array_map(static fn (Unit $u): string => $u->after(2), $sum->units);

        return ($sum->about ? 'about ' : '').$writer->amount($sum->amount).' in '.implode(' ', $units).(null === $sum->part ? '' : ' as a '.$sum->part->value);
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return $sum instanceof Conversion ? $writer->amount($sum->amount).' = '.$answer : '';
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $sum instanceof Conversion ? $writer->amount($sum->amount).' = '.$writer->answer($answer) : '';
    }

    /**
     * "(How many) minutes are there in 2 h", "hours and minutes are in 150 min", "minutes = 2 h".
     *
     * @return list<Conversion>
     */
    private function howMany(TypedLine $line, int $next, bool $about, Unit ...$units): array
    {
        $after = $line->after($line->past($next, 'are', 'is', 'there', 'do', 'does', 'would'), 'in', 'make', 'per', 'equal', '=', 'to');
        $after = 0 === $after ? $line->after($next, 'is', 'are') : $after;
        $length = 0 === $after ? null : $line->length($after);

        return null === $length || !$line->endsAt($length->next) ? [] : [Conversion::of($length->toConvert(), $about, ...$units)];
    }

    public function put(Sum $sum, Writer $writer): string
    {
        if (!$sum instanceof Conversion) {
            return '';
        }
        $units = array_map(static fn (Unit $unit): string => Marked::unit($unit, $unit->words()), $sum->units);
        $last = array_pop($units);
        $one = 1 === \count($sum->amount->parts) && $sum->amount->parts[0]->numerator <= $sum->amount->parts[0]->denominator;

        if ($sum->hasPart() && PartWritten::Decimal !== $sum->part) {
            return \sprintf('What fraction of %s is %s?', Marked::unit($sum->units[0], $sum->units[0]->one()), $writer->amount($sum->amount));
        }

        return \sprintf('%s %s %s %s?%s', $sum->about ? 'About how many' : 'How many', [] === $units ? $last : implode(', ', $units).' and '.$last, $one ? 'is' : 'are', $writer->amount($sum->amount), null === $sum->part ? '' : ' Write a '.$sum->part->value.'.');
    }

    /** "As a decimal", "as a fraction" to the end of the line. */
    private function part(TypedLine $line, int $at): ?PartWritten
    {
        $as = $line->after($at, 'as a', 'as');
        $part = 0 === $as ? null : PartWritten::tryFrom($line->words->at($as));

        return null !== $part && $line->endsAt($as + 1) ? $part : null;
    }

    /**
     * ___ min = 3 h, __ h __ min = 265 min.
     *
     * @return list<Conversion>
     */
    private function blanksFirst(TypedLine $line): array
    {
        [$units, $next] = $this->blanks($line, $line->start);
        $after = [] === $units ? 0 : $line->after($next, '=', 'is', 'equals');
        $length = 0 === $after ? null : $line->length($after);

        return null === $length || !$line->endsAt($length->next) ? [] : [Conversion::of($length->toConvert(), false, ...$units)];
    }

    /** @return array{list<Unit>, int} units after an equals sign, each after a blank, and the place after them */
    private function afterEquals(TypedLine $line, int $at): array
    {
        $after = $line->after($at, '=', 'is', 'equals');

        return 0 === $after ? [[], $at] : $this->blanks($line, $after);
    }

    /** @return array{list<Unit>, int} units, each after a blank, and the place after them */
    private function blanks(TypedLine $line, int $at): array
    {
        $units = [];
        while (0 !== ($after = $line->afterBlank($at)) && null !== $unit = $line->words->unit($after)) {
            $units[] = $unit;
            $at = $line->past($after + 1, 'and', ',', '&');
            $at = $line->words->is($at, '.') && $line->words->touches($at - 1) ? $at + 1 : $at;
        }

        return [$units, $at];
    }

    /** @return array{list<Unit>, int} units one after the other, and the place after them */
    private function units(TypedLine $line, int $at): array
    {
        $units = [];
        $at = $line->past($at, 'whole', 'just', 'only');
        while (null !== $unit = $line->words->unit($at)) {
            $units[] = $unit;
            $at = $line->past($at + 1, 'and', ',', '&');
        }

        return [$units, $at];
    }
}
