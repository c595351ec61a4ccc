<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Unit;

/** Says of a written answer whether it is right, and which mistakes lead to just this answer. */
final readonly class Judge
{
    /** Minutes (or other units) by which a slip is off. Common practice, no source. */
    private const SLIPS = [1, 5, 10, 60];

    public function __construct(private Predicting $book, private GivenReader $reader, private RightAnswer $right)
    {
    }

    /** @param ?array<string, Given> $predicted what {@see Predicting::predict()} says of the sum, where that is known already */
    public function judge(Sum $sum, string $written, ?array $predicted = null): Judgement
    {
        $plain = $sum->plain();
        try {
            $expected = [] !== $plain->readings() ? null : $this->right->to($plain);
        } catch (CannotBeDone) {
            $expected = null;
        }
        $predicted ??= $this->book->predict($plain);
        if ($this->reader->isBlank($written)) {
            return new Judgement(Verdict::Blank, null, $expected, [], false, $predicted);
        }
        // what is said of the day belongs to a time on the clock; beside anything else it is part of the answer
        $said = $expected instanceof GivenTime ? DaySaid::in($written) : null;
        $readings = $this->reader->readings($said->time ?? $written, $plain);
        if ([] === $readings || null === $expected) {
            return new Judgement(Verdict::Unreadable, $readings[0] ?? null, $expected, [], false, $predicted);
        }
        [$given, $verdict, $fits] = $this->best($plain, $readings, $expected, $predicted);
        if ($given instanceof GivenTime && $expected instanceof GivenTime) {
            $verdict = $this->asWritten($verdict, $written, $plain, $expected);
        }
        if (null !== $said?->days && $said->days !== $this->dayOffset($plain)) {
            $verdict = Verdict::Wrong;
        }
        $near = Verdict::Wrong === $verdict && $this->isSlip($given, $expected);

        return new Judgement($verdict, $given, $expected, $fits, $near && [] === $fits, $predicted, $near, $plain->kind()->value);
    }

    /**
     * The reading that is right; otherwise the one that some mistake leads to; otherwise the plainest.
     *
     * @param non-empty-list<Given> $readings  the plainest first
     * @param array<string, Given>  $predicted
     *
     * @return array{Given, Verdict, list<string>} with the mistakes that lead to it
     */
    private function best(Sum $sum, array $readings, Given $expected, array $predicted): array
    {
        if (isset($readings[1]) && $readings[0] instanceof GivenOrder) {
            return $this->orderOrRanks($readings, $expected, $predicted);
        }
        $wrong = null;
        foreach ($readings as $i => $given) {
            $verdict = $this->verdict($sum, $given, $expected);
            if ($i > 0 && $given instanceof GivenNumbers && $given->hasPoint()) {
                // 1.15 h is a decimal: who means 1 h 15 min by it takes its point for the one of a clock
                if ($given->says($expected)) {
                    return [$readings[0], Verdict::Wrong, ['decimal-as-minutes']];
                }
                continue;
            }
            if (Verdict::Wrong !== $verdict) {
                // a reading that is not the plainest is right as far as it goes
                return [$given, $i > 0 ? Verdict::Incomplete : $verdict, []];
            }
            $fits = array_keys(array_filter($predicted, static fn (Given $prediction): bool => $prediction->says($given) || ($prediction instanceof GivenLength && $given instanceof GivenLength && !$prediction->overflows() && $given->isOtherFormOf($prediction))));
            if (null === $wrong || ([] === $wrong[2] && [] !== $fits)) {
                $wrong = [$given, $verdict, $fits];
            }
        }

        return $wrong ?? [$readings[0], Verdict::Wrong, []];
    }

    /**
     * Digits may be the order of the things or the rank of each: where one of the two is right, that is what is meant; where
     * neither is, only what both of them show is said.
     *
     * @param non-empty-list<Given> $readings
     * @param array<string, Given>  $predicted
     *
     * @return array{Given, Verdict, list<string>}
     */
    private function orderOrRanks(array $readings, Given $expected, array $predicted): array
    {
        $fits = null;
        foreach ($readings as $given) {
            if ($expected->says($given)) {
                return [$given, Verdict::Right, []];
            }
            $here = array_keys(array_filter($predicted, static fn (Given $prediction): bool => $prediction->says($given)));
            $fits = null === $fits ? $here : array_values(array_intersect($fits, $here));
        }

        return [$readings[0], Verdict::Wrong, $fits];
    }

    /** Days after that of the start on which the answer is. */
    private function dayOffset(Sum $sum): int
    {
        $answer = $sum->answer();

        return $answer instanceof TimeAnswer ? $answer->dayOffset : 0;
    }

    private function verdict(Sum $sum, Given $given, Given $expected): Verdict
    {
        if ($expected instanceof GivenTime && $given instanceof GivenTime) {
            return $this->ofTime($sum, $given, $expected);
        }
        if ($sum instanceof Grouping && $given instanceof GivenLength) {
            // how many times a length goes into another is a number
            return Verdict::Wrong;
        }
        if ($expected instanceof GivenLength && ($given instanceof GivenLength || $given instanceof GivenNumbers)) {
            return $this->ofLength($sum, $given, $expected);
        }

        if ($expected instanceof GivenTimes && $given instanceof GivenTimes) {
            return $this->ofTimes($sum, $given, $expected);
        }

        return $expected->says($given) ? Verdict::Right : Verdict::Wrong;
    }

    /** As right as the one that is least so. */
    private function ofTimes(Sum $sum, GivenTimes $given, GivenTimes $expected): Verdict
    {
        if (\count($given->times) !== \count($expected->times)) {
            return Verdict::Wrong;
        }
        $verdicts = array_map(fn (GivenTime $one, GivenTime $right): Verdict => $this->ofTime($sum, $one, $right), $given->times, $expected->times);
        foreach ([Verdict::Wrong, Verdict::Incomplete, Verdict::OtherForm] as $verdict) {
            if (\in_array($verdict, $verdicts, true)) {
                return $verdict;
            }
        }

        return Verdict::Right;
    }

    private function ofTime(Sum $sum, GivenTime $given, GivenTime $expected): Verdict
    {
        if (null === $given->minutes() || !$expected->says($given)) {
            return Verdict::Wrong;
        }
        if (null !== $expected->second && null === $given->second) {
            return Verdict::Incomplete;
        }
        // 12 noon and 12 midnight are how some classes write them
        $named = $given->words && 12 === $given->hour && 0 === $given->minute && null !== $given->half && !$sum instanceof Rewrite;
        if ($given->words !== $expected->words && !$named) {
            if ($sum instanceof Rewrite && (TimeForm::Words === $sum->as || TimeForm::Digital === $sum->as)) {
                // it is the form that is asked for: who repeats the time as it stands has not changed it
                return Verdict::Wrong;
            }

            // a time in words where digits were wanted, or the other way round
            return $given->isOpen() && !$expected->isOpen() ? Verdict::Incomplete : Verdict::OtherForm;
        }
        if ($sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as && !$given->by24) {
            // 10:05 may be either, 9:40 leaves out the nought; 1:20 p.m. is not what was asked for
            return $given->isOpen() && $given->hour === $expected->hour && $given->minute === $expected->minute ? Verdict::Right : Verdict::Wrong;
        }
        if ($sum instanceof Rewrite && TimeForm::Twelve === $sum->as && $given->by24) {
            return Verdict::Wrong;
        }
        if ($given->by24 !== $expected->by24) {
            $twelve = $given->by24 ? $expected : $given;
            if ($twelve->isOpen()) {
                if ($sum instanceof Rewrite && $given->by24 && $given->hour === $expected->hour) {
                    // 08:15 in digits, where no half of the day is said
                    return Verdict::Right;
                }

                // 10:30 beside 24-hour times is 10:30
                return $expected->by24 && $this->sameDigits($given, $expected) ? Verdict::Right : Verdict::Incomplete;
            }

            return Verdict::OtherForm;
        }

        return $given->isOpen() && !$expected->isOpen() && !$expected->words ? Verdict::Incomplete : Verdict::Right;
    }

    /** What is said of a time that is right, for how it is written: 3:5 lacks a place, 8 its noughts, "38 past 7" is not how it is said. */
    private function asWritten(Verdict $verdict, string $written, Sum $sum, GivenTime $expected): Verdict
    {
        if (Verdict::Right !== $verdict && Verdict::OtherForm !== $verdict) {
            return $verdict;
        }
        $said = !$expected->words;
        if ($said && $expected->minute < 10 && 1 === preg_match('~(?<![\d:.])\d{1,2}\s?[:.]\s?\d(?![\d:.])~', $written)) {
            return Verdict::Incomplete;
        }
        // 0900 is how 24-hour times may be written
        $whole = $sum instanceof Rewrite && TimeForm::TwentyFour === $sum->as ? '' : '(?:00)?';
        if ($sum instanceof Rewrite && TimeForm::Words !== $sum->as && $said && 1 === preg_match('~^(?:it is |at )?\d{1,2}'.$whole.'\s*(?:[ap]\.?\s?m\.?)?$~i', trim($written))) {
            // the two noughts, and the mark before them, are what was to be written
            return Verdict::Incomplete;
        }

        return $sum instanceof Rewrite && TimeForm::Words === $sum->as && $expected->minute > 30 && 1 === preg_match('~\bpast\b~i', $written) ? Verdict::OtherForm : $verdict;
    }

    /** 10:00 to 12:59 are written alike by both clocks. */
    private function sameDigits(GivenTime $given, GivenTime $expected): bool
    {
        return $given->hour >= 10 && $given->hour === $expected->hour && $given->minute === $expected->minute;
    }

    private function ofLength(Sum $sum, GivenLength|GivenNumbers $given, GivenLength $expected): Verdict
    {
        if ($given instanceof GivenNumbers) {
            if ($given->says($expected)) {
                return Verdict::Incomplete;
            }
            // 75 for 1 h 15 min: all of it in the smaller unit, without saying so
            $smallest = $expected->parts[\count($expected->parts) - 1]->unit;
            $all = $given->in($smallest) ?? (Unit::Tenth === $smallest ? $given->in(Unit::Second, $smallest) : null) ?? $given->in($expected->parts[0]->unit, $expected->parts[0]->unit->smaller() ?? Unit::Second);
            // 60 for 1 h; but in a conversion the unit is what is asked for
            $below = $sum instanceof Conversion ? null : $given->in($smallest->smaller() ?? $smallest);
            foreach ([$all, $below] as $one) {
                if (null !== $one && !$one->overflows() && $one->count() === $expected->count()) {
                    return Verdict::Incomplete;
                }
            }

            return Verdict::Wrong;
        }
        if ($given->says($expected)) {
            return Verdict::Right;
        }
        if ($given->parts[0]->unit->chain() !== $expected->parts[0]->unit->chain() || $given->count() !== $expected->count() || $given->overflows()) {
            return Verdict::Wrong;
        }
        // a conversion asks for its units: 105 min in h min is not 105 min
        if ($sum instanceof Conversion && $given->says(GivenLength::amount($sum->amount))) {
            return Verdict::Wrong;
        }

        return Verdict::OtherForm;
    }

    private function isSlip(Given $given, Given $expected): bool
    {
        if ($given instanceof GivenTime && $expected instanceof GivenTime) {
            $size = null === $expected->second ? 60 : 1;
            $a = $given->inSeconds();
            $b = $expected->inSeconds();
            if (null === $a || null === $b) {
                return false;
            }
            $off = intdiv(abs($a - $b), $size) % intdiv(43200, $size);

            return \in_array(min($off, intdiv(43200, $size) - $off), self::SLIPS, true);
        }
        if ($given instanceof GivenDate && $expected instanceof GivenDate) {
            // a day, a week or a month off
            return ($given->month === $expected->month && \in_array(abs($given->day - $expected->day), [1, 7, 10], true)) || ($given->day === $expected->day && 1 === abs($given->month - $expected->month));
        }
        if ($given instanceof GivenNumbers && $expected instanceof GivenLength) {
            $given = $given->in(...array_map(static fn ($p): Unit => $p->unit, $expected->parts)) ?? $given;
        }
        if (!$given instanceof GivenLength || !$expected instanceof GivenLength || $given->overflows() || $given->parts[0]->unit->chain() !== $expected->parts[0]->unit->chain()) {
            return false;
        }
        $unit = $expected->parts[\count($expected->parts) - 1]->unit;
        $size = Unit::Hour === $unit && 1 === \count($expected->parts) ? Unit::Minute->size() : $unit->size();
        $a = $given->count();
        $b = $expected->count();

        return null !== $a && null !== $b && (\in_array(intdiv(abs($a - $b), $size), self::SLIPS, true) && 0 === abs($a - $b) % $size);
    }
}
