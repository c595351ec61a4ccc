<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

/** What children write to sums with dates, stated apart from the product: by PHP's own dates, from the text of the sum alone. */
final class DateChild
{
    private const DATE = '(\d{1,2}) (January|February|March|April|May|June|July|August|September|October|November|December) (\d{4})';

    private const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    public static function knows(string $sum): bool
    {
        return 1 === preg_match('/'.self::DATE.'|^(?:leap year|year) \d{4}|^[A-Z][a-z]+ \d{4} in days$/', $sum);
    }

    /** Null where the rule says nothing. */
    public static function write(string $sum, ?string $mistake): ?string
    {
        return match (true) {
            1 === preg_match('/^'.self::DATE.' as weekday$/', $sum, $m) => null === $mistake ? self::date($m[0])->format('l') : null,
            1 === preg_match('/^leap year (\d+)$/', $sum, $m) => self::leap((int) $m[1], $mistake),
            1 === preg_match('/^year (\d+) in days$/', $sum, $m) => match ($mistake) {
                null => (self::isLeap((int) $m[1]) ? '366' : '365').' days',
                'forgets-leap-day' => '365 days',
                'every-fourth-year' => 0 === (int) $m[1] % 4 ? '366 days' : null,
                default => null,
            },
            1 === preg_match('/^([A-Z][a-z]+) (\d+) in days$/', $sum, $m) => match ($mistake) {
                null => self::date('1 '.$m[1].' '.$m[2])->format('t').' days',
                'thirty-days-each' => '30 days',
                'forgets-leap-day' => 'February' === $m[1] ? '28 days' : null,
                'every-fourth-year' => 'February' === $m[1] && 0 === (int) $m[2] % 4 ? '29 days' : null,
                default => null,
            },
            1 === preg_match('/^(?:([A-Z][a-z]+day) )?('.self::DATE.') ([+-]) (?:(\d+) weeks? ?)?(?:(\d+) days?)?$/', $sum, $m) => self::moved(self::date($m[2]), '' !== $m[1], '+' === $m[6] ? 1 : -1, (int) ($m[7] ?? 0), (int) ($m[8] ?? 0), $mistake),
            1 === preg_match('/^('.self::DATE.') to ('.self::DATE.') in (days|weeks and days)(, both ends counted)?$/', $sum, $m) => self::apart(self::date($m[1]), self::date($m[5]), 'days' !== $m[9], isset($m[10]), $mistake),
            default => null,
        };
    }

    private static function date(string $text): \DateTimeImmutable
    {
        return new \DateTimeImmutable(str_replace(' as weekday', '', $text).' 00:00 UTC');
    }

    private static function isLeap(int $year): bool
    {
        return '1' === (new \DateTimeImmutable($year.'-01-01'))->format('L');
    }

    private static function leap(int $year, ?string $mistake): ?string
    {
        return match ($mistake) {
            null => self::isLeap($year) ? 'yes' : 'no',
            'forgets-leap-day' => 'no',
            'every-fourth-year' => 0 === $year % 4 ? 'yes' : null,
            default => null,
        };
    }

    private static function moved(\DateTimeImmutable $start, bool $weekday, int $way, int $weeks, int $days, ?string $mistake): ?string
    {
        $count = 7 * $weeks + $days;
        $said = static fn (\DateTimeImmutable $date): string => $date->format($weekday ? 'l j F Y' : 'j F Y');
        $on = static fn (int $n): \DateTimeImmutable => $start->modify(\sprintf('%+d days', $n));
        switch ($mistake) {
            case null:
                return $said($on($way * $count));
            case 'counts-both-ends':
                return 0 === $weeks && $count > 1 ? $said($on($way * ($count - 1))) : null;
            case 'week-as-five':
                return $weeks > 0 ? $said($on($way * (5 * $weeks + $days))) : null;
            case 'forgets-leap-day':
                // day after day, as if there were no 29 February
                for ($at = $start, $left = $count; $left > 0; $left -= '02-29' === $at->format('m-d') ? 0 : 1) {
                    $at = $at->modify($way > 0 ? '+1 day' : '-1 day');
                }

                return $said($at);
            case 'thirty-days-each':
                $end = $on($way * $count);
                if ($end->format('Y-m') === $start->format('Y-m')) {
                    return null;
                }
                [$year, $month, $day] = array_map(intval(...), explode('-', $start->format('Y-m-d')));
                for ($left = $count; $left > 0; --$left) {
                    // a 31st goes on as the 1st of the next month would
                    $day += $way;
                    if ($way > 0 && $day > 30) {
                        [$day, $month] = [$day - 30, $month + 1];
                    } elseif ($way < 0 && $day < 1) {
                        [$day, $month] = [$day + 30, $month - 1];
                    }
                    [$year, $month] = [$year + ($month > 12 ? 1 : ($month < 1 ? -1 : 0)), ($month + 11) % 12 + 1];
                }
                if (31 === $day) {
                    [$day, $month] = [1, $month + 1];
                }

                return ($weekday ? $end->format('l ') : '').$day.' '.self::MONTHS[($month - 1) % 12].' '.($year + ($month > 12 ? 1 : 0));
            default:
                return null;
        }
    }

    private static function apart(\DateTimeImmutable $start, \DateTimeImmutable $end, bool $inWeeks, bool $both, ?string $mistake): ?string
    {
        $apart = (int) $start->diff($end)->days;
        $leaps = 0;
        for ($at = $start; $at < $end;) {
            $at = $at->modify('+1 day');
            $leaps += '02-29' === $at->format('m-d') ? 1 : 0;
        }
        $count = match ($mistake) {
            null, 'week-as-five' => $apart + (int) $both,
            'counts-both-ends' => $both ? null : $apart + 1,
            'forgets-leap-day' => $apart + (int) $both - $leaps,
            'thirty-days-each' => $start->format('Y-m') === $end->format('Y-m') ? null
                : 360 * ((int) $end->format('Y') - (int) $start->format('Y')) + 30 * ((int) $end->format('n') - (int) $start->format('n')) + (int) $end->format('j') - (int) $start->format('j') + (int) $both,
            default => null,
        };
        if (null === $count || $count < 1 || ('week-as-five' === $mistake && (!$inWeeks || $count < 5))) {
            return null;
        }
        $week = 'week-as-five' === $mistake ? 5 : 7;
        $said = static fn (int $n, string $what): string => 0 === $n ? '' : $n.' '.$what.(1 === $n ? '' : 's');

        return !$inWeeks || $count < $week ? $said($count, 'day') : trim($said(intdiv($count, $week), 'week').' '.$said($count % $week, 'day'));
    }
}
