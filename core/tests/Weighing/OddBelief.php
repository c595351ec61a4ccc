<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

/**
 * Beliefs and habits that are in no catalogue, invented for the tests: what a child with one of them writes, from the text
 * of the sum and in bare arithmetic. Where a belief says nothing, the child is right.
 */
enum OddBelief: string
{
    case EndsOnHalf = 'every answer ends on the half hour';
    case RoundsToTens = 'rounds the minutes to tens';
    case TurnsDigits = 'turns the digits of the minutes round';
    case WholeHours = 'leaves the minutes out';
    case OneForLuck = 'adds seven minutes for the way';
    case SwapsParts = 'writes hours for minutes and minutes for hours';
    case FirstMinutes = 'keeps the minutes of the first';
    case SecondMinutes = 'keeps the minutes of the second';
    case LargerMinutes = 'takes the larger minutes';
    case Halfway = 'takes the minutes halfway between the two';
    case HourOfFifty = 'believes that an hour has 50 minutes';
    case HourOfNinety = 'believes that an hour has 90 minutes';
    case DoublesMinutes = 'doubles the minutes of the answer';
    case DigitSums = 'adds the digits of the minutes';
    case HoursToMinutes = 'adds the hours to the minutes';
    case HalfTheHours = 'halves the hours';
    case CopiesFirst = 'copies the first that is given';

    /** @param string $right what is right, as "7 h 15 min" or "5:20 p.m." */
    public function write(string $sum, string $right): string
    {
        $given = self::given($sum);
        if (\count($given) < 2) {
            return $right;
        }
        [[$ah, $am], [$bh, $bm]] = $given;
        $isTime = 1 === preg_match('/^(\d+):(\d+)( [ap]\.m\.)?$/', $right, $m);
        if (!$isTime && 1 !== preg_match('/^(?:(\d+) h)? ?(?:(\d+) min)?$/', $right, $m)) {
            return $right;
        }
        [$h, $min] = [(int) ($m[1] ?? 0), (int) ($m[2] ?? 0)];
        $taking = str_contains($sum, ' - ') || str_contains($sum, ' to ');
        $base = match ($this) {
            self::HourOfFifty => 50,
            self::HourOfNinety => 90,
            default => 60,
        };
        [$h, $min] = match ($this) {
            self::EndsOnHalf => [$h, 30],
            self::RoundsToTens => [$h, 10 * (int) round($min / 10)],
            self::TurnsDigits => [$h, 10 * ($min % 10) + intdiv($min, 10)],
            self::WholeHours => [$h, 0],
            self::OneForLuck => [$h + intdiv($min + 7, 60), ($min + 7) % 60],
            self::SwapsParts => [$min, $h],
            self::FirstMinutes => [$h, $am],
            self::SecondMinutes => [$h, $bm],
            self::LargerMinutes => [$h, max($am, $bm)],
            self::Halfway => [$h, intdiv($am + $bm, 2)],
            self::HourOfFifty, self::HourOfNinety => self::inBase($ah * $base + $am, $bh * $base + $bm, $taking, $base),
            self::DoublesMinutes => [$h, 2 * $min],
            self::DigitSums => [$h, array_sum(array_map(intval(...), str_split($am.$bm)))],
            self::HoursToMinutes => [$h, $min + $h],
            self::HalfTheHours => [intdiv($h, 2), $min],
            self::CopiesFirst => [$ah, $am],
        };

        return self::said($h, $min, $isTime, $m[3] ?? '');
    }

    /** @return array{int, int} */
    private static function inBase(int $a, int $b, bool $taking, int $base): array
    {
        $all = $taking ? abs($b - $a) : $a + $b;

        return [intdiv($all, $base), $all % $base];
    }

    public static function said(int $h, int $min, bool $isTime, string $half): string
    {
        if ($isTime) {
            return \sprintf('%d:%02d%s', $h, $min, $half);
        }

        return trim(($h > 0 ? $h.' h ' : '').($min > 0 ? $min.' min' : '')) ?: '0 min';
    }

    /** @return list<array{int, int}> the hours and minutes of all that is given */
    public static function given(string $sum): array
    {
        preg_match_all('/(\d+):(\d+)|12 noon|12 midnight|(\d+) h(?: (\d+) min)?|(\d+) min/', $sum, $all, \PREG_SET_ORDER);

        return array_map(static fn (array $m): array => match (true) {
            '12 noon' === $m[0], '12 midnight' === $m[0] => [12, 0],
            '' !== ($m[5] ?? '') => [0, (int) $m[5]],
            '' !== ($m[3] ?? '') => [(int) $m[3], (int) ($m[4] ?? 0)],
            default => [(int) ($m[1] ?? 0), (int) ($m[2] ?? 0)],
        }, $all);
    }
}
