<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Calendar;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/** An inexact conversion: the least and the greatest it can be, and why. */
final readonly class RangeAnswer implements Answer
{
    use UsualAnswer;

    /** @param string $text the range in words */
    private function __construct(
        public int $least,
        public int $greatest,
        public Unit $unit,
        public string $text,
        public string $because,
    ) {
    }

    /** @param non-empty-list<Unit> $units asked for, at least one of the other chain */
    public static function of(Amount $amount, array $units): self
    {
        return Chain::Calendar === $amount->duration->chain
            ? self::ofMonths($amount->duration->count, $units)
            : self::ofDays(intdiv($amount->duration->count, Unit::Day->size()), $units);
    }

    public function value(): ConvertedRange
    {
        return new ConvertedRange([$this->least, $this->greatest], $this->unit->value);
    }

    public function said(): Phrase
    {
        return Phrase::of($this->text);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->value() == $other->value();
    }

    /** @param non-empty-list<Unit> $units */
    private static function ofMonths(int $months, array $units): self
    {
        [$least, $most] = Calendar::days($months);
        $because = 0 === $months % 12
            ? 'A year has 365 days, a leap year 366.'
            : 'A month has 28, 29, 30 or 31 days.';
        $unit = $units[0];
        foreach ($units as $one) {
            $unit = Chain::Clock === $one->chain() ? $one : $unit;
            if (Chain::Clock === $one->chain()) {
                break;
            }
        }
        if (Unit::Week === $unit) {
            return new self($least, $most, Unit::Day, self::weeks($least, $most), $because);
        }
        if ($unit->size() > Unit::Day->size()) {
            $unit = Unit::Day;
        }
        $per = intdiv(Unit::Day->size(), $unit->size());

        return new self($least * $per, $most * $per, $unit, self::span($least * $per, $most * $per, $unit), $because);
    }

    /** @param non-empty-list<Unit> $units */
    private static function ofDays(int $days, array $units): self
    {
        $because = 'A month has 28, 29, 30 or 31 days.';
        if (Unit::Year === $units[0] && !\in_array(Unit::Month, $units, true)) {
            [$least, $most] = Calendar::years($days);

            return new self($least, $most, Unit::Year, self::rest($least, $most, $days, 12, Unit::Year), 'A year has 365 days, a leap year 366.');
        }
        [$least, $most] = Calendar::months($days);

        return new self($least, $most, Unit::Month, self::rest($least, $most, $days, 1, Unit::Month), $because);
    }

    private static function rest(int $least, int $most, int $days, int $months, Unit $unit): string
    {
        if ($least !== $most) {
            return self::span($least, $most, $unit).', depending on which';
        }
        [$few, $many] = Calendar::days($least * $months);
        $rest = self::span($days - $many, $days - $few, Unit::Day);
        if (0 === $least) {
            return 'less than 1 '.$unit->word();
        }

        return $least.' '.$unit->after($least).($days === $many && $days === $few ? '' : ' and '.$rest);
    }

    private static function weeks(int $least, int $most): string
    {
        if (intdiv($least, 7) === intdiv($most, 7) && 0 !== $least % 7) {
            $weeks = intdiv($least, 7);

            return $weeks.' '.Unit::Week->after($weeks).' and '.self::span($least % 7, $most % 7, Unit::Day);
        }
        $one = static function (int $days): string {
            $weeks = intdiv($days, 7);

            return $weeks.' '.Unit::Week->after($weeks).(0 === $days % 7 ? '' : ' '.($days % 7).' '.Unit::Day->after($days % 7));
        };

        return $least === $most ? $one($least) : $one($least).' to '.$one($most);
    }

    private static function span(int $least, int $most, Unit $unit): string
    {
        return match (true) {
            $least === $most => $least.' '.$unit->after($least),
            $most === $least + 1 => $least.' or '.$most.' '.$unit->after($most),
            default => $least.' to '.$most.' '.$unit->after($most),
        };
    }
}
