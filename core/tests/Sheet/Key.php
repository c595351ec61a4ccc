<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Sheet;

use Rostik\Core\Tests\Weighing\DateChild;

/**
 * A key made another way: from the text of a question and the text of an answer, in whole seconds, minutes and months,
 * with none of the program's own values. Ratios: SI Brochure, 9th ed., table 8 (60 s, 60 min, 24 h); 7 days a week and 12
 * months a year by the calendar.
 */
final class Key
{
    private const SECONDS = ['s' => 1, 'min' => 60, 'h' => 3600, 'day' => 86400, 'week' => 604800, 'fortnight' => 1209600];
    private const MONTHS = ['month' => 1, 'year' => 12];
    private const NUMBERS = [
        'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen',
        'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty', 'twenty-one', 'twenty-two', 'twenty-three', 'twenty-four', 'twenty-five',
        'twenty-six', 'twenty-seven', 'twenty-eight', 'twenty-nine',
    ];

    /** Whether an answer is right; null for a question of a form that is not known here. */
    public static function isRight(string $question, string $answer): ?bool
    {
        if (str_contains($question, '; ')) {
            return self::inTurn(explode('; ', $question), $answer);
        }

        if (DateChild::knows($question)) {
            return DateChild::write($question, null) === $answer;
        }

        return match (true) {
            (bool) preg_match('/^([^+-]*\d\.\d s) ([+-]) (.+)$|^([^+-]+) ([+-]) (.*\d\.\d s)$/', $question, $m) => isset($m[4])
                ? self::tenths($m[4]) + ('+' === $m[5] ? 1 : -1) * self::tenths($m[6]) === self::tenths($answer)
                : self::tenths($m[1]) + ('+' === $m[2] ? 1 : -1) * self::tenths($m[3]) === self::tenths($answer),
            str_starts_with($question, 'order ') => self::order(substr($question, 6), $answer),
            (bool) preg_match('/^every (.+) from (.+), (\d+) times$/', $question, $m) => self::inARow($m[1], $m[2], (int) $m[3], $answer),
            (bool) preg_match('/^(?:(.+) to (.+) \? (.+)|(.+) \? (.+) to (.+))$/', $question, $m) => isset($m[4])
                ? self::againstSpan($m[5], $m[6], $m[4], ['<' => '>', '>' => '<', '=' => '='][$answer] ?? '')
                : self::againstSpan($m[1], $m[2], $m[3], $answer),
            str_contains($question, ' ? ') => self::comparison($question, $answer),
            (bool) preg_match('/^(\d+:\d\d):(\d\d)( [ap]\.m\.)? to (\d+:\d\d):(\d\d)( [ap]\.m\.)?$/', $question, $m) => self::modulo(60 * (self::time($m[4].($m[6] ?? '')) - self::time($m[1].$m[3])) + (int) $m[5] - (int) $m[2], 86400) === self::tidy($answer),
            (bool) preg_match('/^(\d+:\d\d):(\d\d)( [ap]\.m\.)? ([+-]) (.+)$/', $question, $m) => self::toTheSecond(60 * self::time($m[1].$m[3]) + (int) $m[2] + ('+' === $m[4] ? 1 : -1) * self::length($m[5]), $answer),
            (bool) preg_match('/^(.+) and (\d+) seconds? as digital$/', $question, $m) => str_contains($answer, \sprintf(':%02d', (int) $m[2])) && self::rewritten($m[1], 'digital', preg_replace('/^(\d+:\d\d):\d\d/', '$1', $answer) ?? ''),
            (bool) preg_match('/^(.+) as (words|digital|24h|12h)$/', $question, $m) => self::rewritten($m[1], $m[2], $answer),
            (bool) preg_match('/^(.+) = (.+)$/', $question, $m) => self::missing($m[1], $m[2], $answer),
            (bool) preg_match('/^(.+) in ([a-z ]+)$/', $question, $m) => self::conversion($m[1], $m[2], $answer),
            (bool) preg_match('/^(.+) to (.+)$/', $question, $m) => self::elapsed($m[1], $m[2], $answer),
            (bool) preg_match('/^(\d+) x (.+)$/', $question, $m) => self::length($m[2]) * (int) $m[1] === self::tidy($answer),
            (bool) preg_match('~^(?:(\d+) )?(\d+)/(\d+) x (.+)$~', $question, $m) => self::length($m[4]) * ((int) $m[1] * (int) $m[3] + (int) $m[2]) === (self::tidy($answer) ?? -1) * (int) $m[3],
            (bool) preg_match('/^(\d{1,2}:\d\d(?: [ap]\.m\.)?|12 noon|12 midnight)((?: [+-] [^+-]+){2,})$/', $question, $m) => self::moved($m[1], 1, '', $answer, self::signed($m[2])),
            (bool) preg_match('/^([^:+-]+)((?: [+-] [^+-]+){2,})$/', $question, $m) && str_contains($question, ' - ') => self::length($m[1]) + self::signed($m[2]) === self::tidy($answer),
            (bool) preg_match('/^(.+) \/ (\d+)$/', $question, $m) => self::length($m[1]) === (self::tidy($answer) ?? -1) * (int) $m[2],
            (bool) preg_match('/^(\d{1,2}:\d\d.*|12 noon|12 midnight) ([+-]) (.+)$/U', $question, $m) => self::moved($m[1], '+' === $m[2] ? 1 : -1, $m[3], $answer),
            str_contains($question, ' - ') => self::difference($question, $answer),
            str_contains($question, ' + ') => array_sum(array_map(self::length(...), explode(' + ', $question))) === self::tidy($answer),
            default => null,
        };
    }

    /**
     * Each comes to something that stands in one after it; the last comes to the answer.
     *
     * @param list<string> $sums
     */
    private static function inTurn(array $sums, string $answer): bool
    {
        foreach ($sums as $i => $sum) {
            if ($i === \count($sums) - 1) {
                return true === self::isRight($sum, $answer);
            }
            $isTime = 1 === preg_match('/^(?:\d+:\d\d|12 (?:noon|midnight))(?: [ap]\.m\.)? [+-]/', $sum);
            preg_match_all($isTime ? '/12 noon|12 midnight|\d+:\d\d(?: [ap]\.m\.)?/' : '/(?<!:)\b\d+ h(?: \d+ min)?|(?<!:)\b\d+ min/', implode('; ', \array_slice($sums, $i + 1)), $there);
            if ([] === array_filter($there[0], static fn (string $one): bool => true === self::isRight($sum, $one))) {
                return false;
            }
        }

        return false;
    }

    /** A length in tenths of a second; below 0 where a part of it is as much as one of the next. */
    private static function tenths(string $text): int
    {
        return 1 === preg_match('/^(?:(\d+) h ?)?(?:([1-5]?\d) min ?)?(?:([1-5]?\d)(?:\.(\d))? s)?$/', $text, $m)
            ? 36000 * (int) ($m[1] ?? 0) + 600 * (int) ($m[2] ?? 0) + 10 * (int) ($m[3] ?? 0) + (int) ($m[4] ?? 0)
            : -1;
    }

    /** A length in seconds, or in months. */
    private static function length(string $text): int
    {
        $sum = 0.0;
        preg_match_all('~(\d+(?:\.\d+)?)(?:/(\d+))? ([a-z]+)~', $text, $parts, \PREG_SET_ORDER);
        foreach ($parts as [, $number, $by, $unit]) {
            $sum += (float) $number / ('' === $by ? 1 : (int) $by) * self::size($unit);
        }

        return (int) round($sum);
    }

    /** The length of an answer; null where a part of it is as much as one of the next. */
    private static function tidy(string $answer): ?int
    {
        preg_match_all('/(\d+) ([a-z]+)/', $answer, $parts, \PREG_SET_ORDER);
        $larger = null;
        foreach ($parts as [, $number, $unit]) {
            if (null !== $larger && (int) $number * self::size($unit) >= $larger) {
                return null;
            }
            $larger = self::size($unit);
        }

        return self::length($answer);
    }

    private static function size(string $unit): int
    {
        $one = 's' === $unit ? $unit : rtrim($unit, 's');

        return self::SECONDS[$one] ?? self::MONTHS[$one];
    }

    /** Minutes since midnight; since 12 where the half of the day is not said. */
    private static function time(string $text): int
    {
        if (preg_match('/^12 (noon|midnight)/', $text, $m)) {
            return 'noon' === $m[1] ? 720 : 0;
        }
        preg_match('/^(\d+):(\d\d)( [ap]\.m\.)?/', $text, $m);
        $hour = (int) ($m[1] ?? 0);
        if (isset($m[3])) {
            $hour = $hour % 12 + (' p.m.' === $m[3] ? 12 : 0);
        }

        return (int) ($m[2] ?? 0) > 59 ? -1 : $hour * 60 + (int) ($m[2] ?? 0);
    }

    /** All that is added and taken away, in seconds. */
    private static function signed(string $terms): int
    {
        preg_match_all('/([+-]) ([^+-]+)/', $terms, $found, \PREG_SET_ORDER);

        return array_sum(array_map(static fn (array $one): int => ('+' === $one[1] ? 1 : -1) * self::length($one[2]), $found));
    }

    private static function toTheSecond(int $seconds, string $answer): bool
    {
        preg_match('/^(\d+:\d\d):(\d\d)( [ap]\.m\.)?/', $answer, $m);

        return self::modulo($seconds, 86400) === 60 * self::time(($m[1] ?? '').($m[3] ?? '')) + (int) ($m[2] ?? 0);
    }

    private static function inARow(string $every, string $start, int $count, string $answer): bool
    {
        $said = explode(', ', $answer);
        foreach ($said as $i => $time) {
            if (0 !== self::modulo(self::time($time) - self::time($start) - $i * intdiv(self::length($every), 60), 1440)) {
                return false;
            }
        }

        return \count($said) === $count;
    }

    private static function againstSpan(string $start, string $end, string $length, string $sign): bool
    {
        $between = 60 * self::modulo(self::time($end) - self::time($start), 1440);

        return ['<', '=', '>'][((0 === $between ? 86400 : $between) <=> self::length($length)) + 1] === $sign;
    }

    private static function moved(string $start, int $direction, string $length, string $answer, int $seconds = 0): bool
    {
        $turn = preg_match('/[ap]\.m\.|noon|midnight|^\d\d:|^[1-9]\d:/', $start) > 0 ? 1440 : 720;
        $end = self::time($start) + $direction * intdiv(self::length($length) + $seconds, 60);
        $days = (int) floor($end / 1440);
        $said = match (true) {
            0 === $days => '',
            1 === $days => ' (next day)',
            -1 === $days => ' (the day before)',
            default => ' ('.abs($days).' days '.($days > 0 ? 'later' : 'before').')',
        };

        return self::modulo($end, $turn) === self::modulo(self::time($answer), $turn) && ('' === $said || str_ends_with($answer, $said));
    }

    private static function elapsed(string $start, string $end, string $answer): bool
    {
        $between = self::modulo(self::time($end) - self::time($start), 1440);

        return 60 * (0 === $between ? 1440 : $between) === self::tidy($answer);
    }

    private static function difference(string $question, string $answer): bool
    {
        $lengths = array_map(self::length(...), explode(' - ', $question));

        return array_shift($lengths) - array_sum($lengths) === self::tidy($answer);
    }

    private static function missing(string $left, string $end, string $answer): bool
    {
        preg_match('/^(.+) ([+-]) (.+)$/', $left, $m);
        [$start, $direction, $length] = [$m[1] ?? '', '+' === ($m[2] ?? '') ? 1 : -1, $m[3] ?? ''];
        if ('_' === $start) {
            return 0 === self::modulo(self::time($answer) + $direction * intdiv(self::length($length), 60) - self::time($end), 1440);
        }

        return 60 * self::modulo($direction * (self::time($end) - self::time($start)), 1440) === self::tidy($answer);
    }

    /** Equal, in the units that were asked for, and none of them full. */
    private static function conversion(string $amount, string $units, string $answer): bool
    {
        preg_match_all('/(\d+) ([a-z]+)/', $answer, $parts, \PREG_SET_ORDER);
        $wanted = array_map(self::size(...), explode(' ', $units));

        return [] === array_diff(array_map(self::size(...), array_column($parts, 2)), $wanted) && self::length($amount) === self::tidy($answer);
    }

    private static function comparison(string $question, string $answer): bool
    {
        [$left, $right] = array_map(self::length(...), explode(' ? ', $question));

        return ['<', '=', '>'][($left <=> $right) + 1] === $answer;
    }

    private static function order(string $list, string $answer): bool
    {
        $value = static fn (string $one): int => str_contains($one, ':') || str_starts_with($one, '12 ') && !str_contains($one, ' h') && !str_contains($one, ' min') ? self::time($one) : self::length($one);
        $given = explode(', ', $list);
        $sorted = $given;
        usort($sorted, static fn (string $a, string $b): int => $value($a) <=> $value($b));
        $said = explode(', ', $answer);
        sort($given);
        $same = $said;
        sort($same);

        return $given === $same && array_map($value, $sorted) === array_map($value, $said);
    }

    private static function rewritten(string $time, string $as, string $answer): bool
    {
        $minutes = self::spoken($time) ?? self::time($time);

        return match ($as) {
            '24h' => \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60) === $answer,
            '12h' => self::time($answer) === $minutes && preg_match('/[ap]\.m\.|noon|midnight/', $answer) > 0,
            'words' => str_starts_with($answer, self::words($minutes)),
            default => self::modulo(self::time($answer), 720) === self::modulo($minutes, 720),
        };
    }

    /** "23 minutes to 9", "half past 3": minutes since 12; null where it is in digits. */
    private static function spoken(string $text): ?int
    {
        if (!preg_match('/^(?:(quarter|half|\d+)(?: minutes?)? (past|to) )?(\d+)( o\'clock)?$/', $text, $m)) {
            return null;
        }
        $past = match ($m[1]) {
            'quarter' => 15,
            'half' => 30,
            default => (int) $m[1],
        };

        return self::modulo((int) $m[3] % 12 * 60 + ('to' === $m[2] ? -$past : $past), 720);
    }

    private static function words(int $minutes): string
    {
        [$hour, $minute] = [intdiv($minutes, 60) % 12, $minutes % 60];
        if (0 === $minutes % 720 && 0 === $minute) {
            return '';
        }
        $name = static fn (int $h): string => self::NUMBERS[($h + 11) % 12];
        $count = $minute > 30 ? 60 - $minute : $minute;
        $said = match ($count) {
            0 => $name($hour).' o’clock',
            15 => 'quarter',
            30 => 'half',
            default => (self::NUMBERS[$count - 1] ?? '').(0 === $count % 5 ? '' : (1 === $count ? ' minute' : ' minutes')),
        };

        return 0 === $count ? $said : $said.($minute > 30 ? ' to '.$name($hour + 1) : ' past '.$name($hour));
    }

    private static function modulo(int $number, int $by): int
    {
        return ($number % $by + $by) % $by;
    }
}
