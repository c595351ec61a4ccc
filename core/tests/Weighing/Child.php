<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

/**
 * A simulated child: it has habits, and now and then it slips. Its rules are stated here once more, from the text of the
 * sum and in bare arithmetic, without asking the catalogue.
 */
final class Child
{
    /**
     * @param list<string> $mistakes ids
     * @param float        $slip     how often it slips, 0 to 1
     */
    public function __construct(private readonly array $mistakes, private readonly float $slip)
    {
    }

    /** @return array{string, list<string>} what it writes, and which of its mistakes led to it */
    public function answer(string $sum): array
    {
        $right = self::write($sum, null);
        \assert(null !== $right);
        if (mt_rand() / mt_getrandmax() < $this->slip) {
            return [self::slipped($right), []];
        }
        $may = [];
        foreach ($this->mistakes as $mistake) {
            $written = self::write($sum, $mistake);
            if (null !== $written && $written !== $right) {
                $may[] = [$written, $mistake];
            }
        }
        if ([] === $may) {
            return [$right, []];
        }
        [$written] = $may[mt_rand(0, \count($may) - 1)];

        return [$written, array_values(array_map(static fn (array $m): string => $m[1], array_filter($may, static fn (array $m): bool => $m[0] === $written)))];
    }

    /** Off by 1, 5, 10 or 60, or some number misread. */
    private static function slipped(string $right): string
    {
        if (\in_array($right, ['<', '>', '='], true)) {
            return ['<' => '>', '>' => '<', '=' => '<'][$right];
        }
        if (str_contains($right, ',')) {
            $things = explode(', ', $right);
            $i = mt_rand(0, \count($things) - 2);
            [$things[$i], $things[$i + 1]] = [$things[$i + 1], $things[$i]];

            return implode(', ', $things);
        }
        $near = [1, 5, 10, 60, -1, -5, -10, -60][mt_rand(0, 7)];
        if (mt_rand(0, 9) < 3) {
            $near = mt_rand(-25, 25) * 2 + 3;
        }
        if (1 === preg_match('/^(\d+:\d\d):(\d\d)(.*)$/', $right, $m)) {
            return $m[1].':'.\sprintf('%02d', ((int) $m[2] + [1, 5, 10, 55][mt_rand(0, 3)]) % 60).$m[3];
        }
        if (1 === preg_match('/^(\d+):(\d+)( [ap]\.m\.)?$/', $right, $m)) {
            $at = ((int) $m[1] * 60 + (int) $m[2] + $near + 720) % 720;

            return self::clock(intdiv($at, 60), $at % 60).($m[3] ?? '');
        }
        if (1 === preg_match('/^(?:(\d+) h)? ?(?:(\d+) min)?$/', $right, $m)) {
            return self::hm(max(1, (int) ($m[1] ?? 0) * 60 + (int) ($m[2] ?? 0) + $near));
        }
        if (1 === preg_match('/^(\d+) (.+)$/', $right, $m) && !str_contains($m[2], ' ')) {
            return max(1, (int) $m[1] + $near).' '.$m[2];
        }

        return str_contains($right, 'past') ? str_replace('past', 'after', $right).' or so' : $right.' and a bit';
    }

    /** What a child with one mistake (or none) writes; null where the rule says nothing. */
    public static function write(string $sum, ?string $mistake): ?string
    {
        if (1 === preg_match('/^(.+) \[(.+)\]$/s', $sum, $told)) {
            return ToldChild::write($told[1], $told[2], $mistake);
        }
        if (DateChild::knows($sum)) {
            return DateChild::write($sum, $mistake);
        }
        $sum = str_replace(' hours', '', $sum);
        if (!str_contains($sum, '; ') && \in_array($mistake, ['turns-adding', 'turns-taking'], true)) {
            return str_contains($sum, 'turns-adding' === $mistake ? ' + ' : ' - ') ? self::write($sum, 'wrong-operation') : null;
        }
        $written = self::ruled($sum, $mistake);
        $right = null === $mistake ? null : self::ruled($sum, null);

        // the whole in one unit, 180 min for 3 h, is no mistake
        return null !== $written && null !== $right && 1 === preg_match('/^\d+ \w+$/', $written) && self::seconds($written) === self::seconds($right) && 0 < self::seconds($right) ? null : $written;
    }

    private static function ruled(string $sum, ?string $mistake): ?string
    {
        if (str_contains($sum, '; ')) {
            return self::inTurn(explode('; ', $sum), $mistake);
        }
        $time = '(?:12 noon|12 midnight|\d+:\d\d(?: [ap]\.m\.)?)';
        $length = '(?:\d+ h(?: \d+ min)?|\d+ min)';

        $tenths = '(?:\d+ min )?\d+(?:\.\d)? s|\d+ min';
        if (1 === preg_match("/^(?:(\\d+) x )?($tenths)(?: ([+-]) ($tenths))?$/", $sum, $m) && str_contains($sum, '.')) {
            return self::seconded(max(1, (int) $m[1]), self::inTenths($m[2]), $m[3] ?? '+', self::inTenths($m[4] ?? '0 s'), $mistake);
        }

        return match (true) {
            1 === preg_match("/^(?:$time|$length)(?: [+-] $length){2,}$/", $sum) && (str_contains($sum, '-') || str_contains($sum, ':') || str_starts_with($sum, '12 noon') || str_starts_with($sum, '12 midnight')) => self::chain($sum, $mistake),
            1 === preg_match('/^(\d+:\d\d):(\d\d)( [ap]\.m\.)? ([+-]) (\d.*)$/', $sum, $m) => self::secondMove($m[1].$m[3], (int) $m[2], $m[4], self::seconds($m[5]), $mistake),
            1 === preg_match('/^(\d+:\d\d):(\d\d)( [ap]\.m\.)? to (\d+:\d\d):(\d\d)( [ap]\.m\.)?$/', $sum, $m) => self::secondElapsed($m[1].$m[3], (int) $m[2], $m[4].($m[6] ?? ''), (int) $m[5], $mistake),
            1 === preg_match('/^(.+) and (\d+) seconds? as digital$/', $sum, $m) => self::secondHand($m[1], (int) $m[2], $mistake),
            1 === preg_match("/^every ($length) from ($time), (\\d+) times$/", $sum, $m) => self::series($m[1], $m[2], (int) $m[3], $mistake),
            1 === preg_match("/^(?:(\\d+) )?(\\d+)\\/(\\d+) x ($length)$/", $sum, $m) => self::fraction((int) $m[1], (int) $m[2], (int) $m[3], self::min($m[4]), $mistake),
            1 === preg_match("/^($time to $time|$length) \\? ($time to $time|$length)$/", $sum, $m) && str_contains($sum, ' to ') => self::spans($m[1], $m[2], $mistake),
            1 === preg_match("/^($time) \\? ($time)$/", $sum, $m) => self::earlier($m[1], $m[2], $mistake),
            1 === preg_match("/^($length) ([+-]) ($length)$/", $sum, $m) => self::lengths(self::min($m[1]), $m[2], self::min($m[3]), $mistake),
            1 === preg_match("/^($length)(?: \\+ $length)+$/", $sum) => self::many(array_map(self::min(...), explode(' + ', $sum)), $mistake),
            1 === preg_match("/^(\d+) x ($length)$/", $sum, $m) => self::times((int) $m[1], self::min($m[2]), $mistake),
            1 === preg_match("/^($length) \\/ (\d+)$/", $sum, $m) => self::shared(self::min($m[1]), (int) $m[2], $mistake),
            1 === preg_match("/^($time) ([+-]) ($length)$/", $sum, $m) => self::move($m[1], $m[2], self::min($m[3]), $mistake),
            1 === preg_match("/^($time) to ($time)$/", $sum, $m) => self::elapsed($m[1], $m[2], $mistake),
            1 === preg_match("/^_ ([+-]) ($length) = ($time)$/", $sum, $m) => self::move($m[3], '+' === $m[1] ? '-' : '+', self::min($m[2]), $mistake),
            1 === preg_match("/^($time) ([+-]) _ = ($time)$/", $sum, $m) => '+' === $m[2] ? self::elapsed($m[1], $m[3], $mistake) : self::elapsed($m[3], $m[1], $mistake),
            str_starts_with($sum, 'order ') => self::order(explode(', ', substr($sum, 6)), $mistake),
            1 === preg_match('/^(.+) \? (.+)$/', $sum, $m) => self::compare($m[1], $m[2], $mistake),
            1 === preg_match('/^(.+) as (digital|words|12h|24h)$/', $sum, $m) => self::rewrite($m[1], $m[2], $mistake),
            1 === preg_match('/^(.+) in (.+)$/', $sum, $m) => self::convert($m[1], $m[2], $mistake),
            default => null,
        };
    }

    private static function inTenths(string $length): int
    {
        preg_match('/^(?:(\d+) min)? ?(?:(\d+)(?:\.(\d))? s)?$/', $length, $m);

        return 600 * (int) ($m[1] ?? 0) + 10 * (int) ($m[2] ?? 0) + (int) ($m[3] ?? 0);
    }

    private static function seconded(int $times, int $one, string $sign, int $two, ?string $mistake): ?string
    {
        $as = static fn (int $s, int $t): string => trim((intdiv($s, 3600) > 0 ? intdiv($s, 3600).' h ' : '').(intdiv($s, 60) % 60 > 0 ? intdiv($s, 60) % 60 .' min ' : '').(0 === $s % 60 && 0 === $t ? '' : $s % 60 .($t > 0 ? '.'.$t : '').' s')) ?: '0 min';
        $way = '+' === $sign ? 1 : -1;
        $tenths = static fn (int $all): string => $as(intdiv($all, 10), $all % 10);
        if (null === $mistake) {
            return $tenths($times * $one + $way * $two);
        }
        if ('wrong-operation' === $mistake && 1 === $times) {
            return $tenths(abs($one - $way * $two));
        }
        if ('sixty-tenths' !== $mistake) {
            return null;
        }
        [$seconds, $left] = [$times * intdiv($one, 10) + $way * intdiv($two, 10), $times * ($one % 10) + $way * ($two % 10)];

        return $left >= 0 && $left < 10 ? null : ($left < 0 ? $as($seconds - 1, $left + 60) : $as($seconds + intdiv($left, 60), $left % 60));
    }

    /** Minutes of the day with seconds beside them. */
    private static function secondMove(string $start, int $second, string $sign, int $by, ?string $mistake): ?string
    {
        [$at, $form] = self::time($start);
        $way = '+' === $sign ? 1 : -1;
        $as = static fn (int $minutes, int $s): string => preg_replace('/^(\d+:\d\d)/', '$1:'.\sprintf('%02d', $s), self::clockRaw(intdiv(($minutes % 1440 + 1440) % 1440, 60), ($minutes % 60 + 60) % 60, $form)) ?? '';
        $right = static fn (int $s): string => $as((int) floor($s / 60), ($s % 60 + 60) % 60);
        $end = 60 * $at + $second + $way * $by;
        if (null === $mistake) {
            return $right($end);
        }
        if ('wrong-operation' === $mistake) {
            return $right(60 * $at + $second - $way * $by);
        }
        if ('12' === $form && ('keeps-am-pm' === $mistake || 'flips-am-pm' === $mistake)) {
            $crossed = ($at < 720) !== ((((int) floor($end / 60)) % 1440 + 1440) % 1440 < 720);

            $stays = (int) floor($at / 60) === ((int) floor($end / 3600) % 24 + 24) % 24;

            return ('keeps-am-pm' === $mistake) === $crossed && ($crossed || ($by < 43200 && !$stays)) ? $right($end + 43200) : null;
        }
        [$m, $s] = [intdiv($by, 60), $by % 60];
        if ($way > 0) {
            return self::adding($at + $m, $second + $s, 100 * ($at + $m) + $second + $s, $mistake, $as);
        }

        return self::taking($at + ($end < 0 ? 1440 : 0), $second, $m, $s, $mistake, $as, false);
    }

    private static function secondElapsed(string $start, int $from, string $end, int $to, ?string $mistake): ?string
    {
        [[$a], [$b]] = [self::time($start), self::time($end)];
        $over = 60 * $b + $to <= 60 * $a + $from;
        $as = static fn (int $m, int $s): ?string => $m < 0 || $s < 0 ? null : (trim((intdiv($m, 60) > 0 ? intdiv($m, 60).' h ' : '').($m % 60 > 0 ? $m % 60 .' min ' : '').($s > 0 ? $s.' s' : '')) ?: '0 s');
        $b += $over ? 1440 : 0;
        if (null === $mistake) {
            $long = 60 * ($b - $a) + $to - $from;

            return $as(intdiv($long, 60), $long % 60);
        }

        return self::taking($b, $to, $a, $from, $mistake, $as, true);
    }

    private static function secondHand(string $said, int $second, ?string $mistake): ?string
    {
        $own = 'hand-number-as-seconds' === $mistake;
        $written = $own && 0 !== $second % 5 ? null : self::rewrite($said, 'digital', $own ? null : $mistake);

        return null === $written ? null : preg_replace('/^(\d+:\d\d)/', '$1:'.\sprintf('%02d', $own ? (0 === $second ? 12 : intdiv($second, 5)) : $second), $written);
    }

    /**
     * Sums in turn: what was found stands in a later one, the last found first.
     *
     * @param list<string> $sums
     */
    private static function inTurn(array $sums, ?string $mistake): ?string
    {
        $right = [];
        $wrote = [];
        $shows = null === $mistake;
        foreach ($sums as $i => $sum) {
            $own = $sum;
            foreach (array_reverse(array_keys($right)) as $j) {
                $place = '/(?<![\d:])(?<!h )'.preg_quote($right[$j], '/').'(?! \d+ min| h)/';
                if ('' !== $right[$j] && 1 === preg_match($place, $own)) {
                    $own = preg_replace($place, '#'.$j.'#', $own, 1) ?? $own;
                    if (!self::goesOn($wrote[$j])) {
                        return null;
                    }
                    $right[$j] = '';
                }
            }
            foreach ($wrote as $j => $written) {
                $own = str_replace('#'.$j.'#', $written, $own);
            }
            if ('one-step-only' === $mistake) {
                $first = self::ruled($sum, null) ?? '';
                $last = self::ruled($sums[\count($sums) - 1], null) ?? '';
                $isTime = static fn (string $one): bool => 1 === preg_match('/:|noon|midnight/', $one);

                return $isTime($first) === $isTime($last) ? $first : null;
            }
            if (1 === preg_match('/^((?:\d+ h ?)?(?:\d+ min)?) - ((?:\d+ h ?)?(?:\d+ min)?)$/', $own, $m) && self::min($m[1]) < self::min($m[2])) {
                return null;
            }
            $wrong = null === $mistake ? null : self::write($own, $mistake);
            $shows = $shows || null !== $wrong;
            $wrote[$i] = $wrong ?? self::ruled($own, null) ?? '';
            $right[$i] = ['12:00 p.m.' => '12 noon', '12:00 a.m.' => '12 midnight'][self::ruled($sum, null) ?? ''] ?? self::ruled($sum, null) ?? '';
        }

        return $shows ? end($wrote) ?: null : null;
    }

    /** Step by step, each from what the last one came to. */
    private static function chain(string $sum, ?string $mistake): ?string
    {
        $terms = preg_split('/ ([+-]) /', $sum, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $now = $terms[0];
        $shows = null === $mistake;
        for ($i = 1; $i < \count($terms); $i += 2) {
            $step = $now.' '.$terms[$i].' '.$terms[$i + 1];
            if ('one-step-only' === $mistake) {
                return self::ruled($step, null);
            }
            if (!self::goesOn($now)) {
                return null;
            }
            if (!str_contains($now, ':') && !str_contains($now, 'm.') && '-' === $terms[$i] && self::min($now) < self::min($terms[$i + 1])) {
                return null;
            }
            $wrong = null === $mistake ? null : self::write($step, $mistake);
            $shows = $shows || null !== $wrong;
            $now = $wrong ?? self::ruled($step, null) ?? '';
        }

        return $shows ? $now : null;
    }

    private static function series(string $every, string $start, int $count, ?string $mistake): ?string
    {
        $times = [$start];
        $shows = null === $mistake;
        for ($i = 1; $i < $count + ('fence-post' === $mistake ? 1 : 0); ++$i) {
            $now = $times[$i - 1];
            if (!self::goesOn($now)) {
                return null;
            }
            $wrong = null === $mistake ? null : self::ruled($now.' + '.$every, $mistake);
            $shows = $shows || null !== $wrong;
            $times[] = $wrong ?? self::ruled($now.' + '.$every, null) ?? '';
        }
        if ('fence-post' === $mistake) {
            return implode(', ', \array_slice($times, 1));
        }

        return $shows ? implode(', ', $times) : null;
    }

    /** Whether a clock shows such a time, or nothing has to be regrouped in such a length. */
    private static function goesOn(string $now): bool
    {
        if (1 === preg_match('/^(\d+):(\d+)( [ap]\.m\.)?$/', $now, $m)) {
            return (int) $m[2] < 60 && (int) $m[1] < (isset($m[3]) ? 13 : 24);
        }

        return 1 !== preg_match('/h (\d+) min/', $now, $m) || (int) $m[1] < 60;
    }

    private static function fraction(int $whole, int $top, int $bottom, int $each, ?string $mistake): ?string
    {
        if (null === $mistake) {
            return self::hm(intdiv(($whole * $bottom + $top) * $each, $bottom));
        }
        if ('leaves-out-the-part' === $mistake) {
            return $whole > 0 ? self::hm($whole * $each) : null;
        }
        [$hours, $minutes] = [intdiv($each, 60) * ($whole * $bottom + $top), ($each % 60) * ($whole * $bottom + $top)];

        return 'hundred-minutes' === $mistake || 0 !== $hours % $bottom || 0 !== $minutes % $bottom ? null : self::adding(intdiv($hours, $bottom), intdiv($minutes, $bottom), 0, $mistake, self::hmRaw(...));
    }

    private static function spans(string $left, string $right, ?string $mistake): ?string
    {
        $shows = null === $mistake;
        $long = static function (string $side) use ($mistake, &$shows): int {
            $wrong = null !== $mistake && str_contains($side, ' to ') ? self::ruled($side, $mistake) : null;
            $shows = $shows || null !== $wrong;

            return self::min(str_contains($side, ' to ') ? $wrong ?? self::ruled($side, null) ?? '' : $side);
        };
        [$a, $b] = [$long($left), $long($right)];

        return $shows ? ($a < $b ? '<' : ($a > $b ? '>' : '=')) : null;
    }

    private static function earlier(string $left, string $right, ?string $mistake): ?string
    {
        $order = self::order([$left, $right], $mistake);
        $turned = self::order([$right, $left], $mistake);
        if (null === $order || null === $turned) {
            return null;
        }

        return $order !== $turned ? 'the same' : (str_starts_with($order, $left) ? 'earlier' : 'later');
    }

    private static function lengths(int $a, string $sign, int $b, ?string $mistake): ?string
    {
        [$A, $x, $B, $y] = [intdiv($a, 60), $a % 60, intdiv($b, 60), $b % 60];
        if ('+' === $sign) {
            return self::adding($A + $B, $x + $y, 100 * ($A + $B) + $x + $y, $mistake, self::hmRaw(...))
                ?? (null === $mistake ? self::hm($a + $b) : ('wrong-operation' === $mistake ? self::hm(abs($a - $b)) : ('carries-the-tens' === $mistake && $x + $y >= 60 ? self::hmRaw($A + $B + intdiv($x + $y, 10), ($x + $y) % 10) : null)));
        }

        return null === $mistake ? self::hm($a - $b) : ('wrong-operation' === $mistake ? self::hm($a + $b) : self::taking($A, $x, $B, $y, $mistake, self::hmRaw(...), true));
    }

    /** @param list<int> $all */
    private static function many(array $all, ?string $mistake): ?string
    {
        $hours = array_sum(array_map(static fn (int $n): int => intdiv($n, 60), $all));
        $minutes = array_sum(array_map(static fn (int $n): int => $n % 60, $all));

        if ('one-step-only' === $mistake) {
            return self::hm($all[0] + $all[1]);
        }

        return null === $mistake ? self::hm($hours * 60 + $minutes)
            : self::adding($hours, $minutes, 100 * $hours + $minutes, $mistake, self::hmRaw(...)) ?? ('carries-the-tens' === $mistake && $minutes >= 60 ? self::hmRaw($hours + intdiv($minutes, 10), $minutes % 10) : null);
    }

    private static function times(int $times, int $each, ?string $mistake): ?string
    {
        [$hours, $minutes] = [$times * intdiv($each, 60), $times * ($each % 60)];
        if (null === $mistake) {
            return self::hm($times * $each);
        }

        if ($each >= 60 && 0 !== $each % 60) {
            if ('only-the-hours' === $mistake) {
                return self::hm(60 * $hours + $each % 60);
            }
            if ('only-the-minutes' === $mistake) {
                return self::hm($each - $each % 60 + $minutes);
            }
        }

        return self::adding($hours, $minutes, 100 * $hours + $minutes, $mistake, self::hmRaw(...));
    }

    private static function shared(int $all, int $between, ?string $mistake): ?string
    {
        [$hours, $minutes] = [intdiv($all, 60), $all % 60];
        $whole = static fn (int $n): bool => 0 === $n % $between;
        $hundreds = 100 * $hours + $minutes;

        return match (true) {
            null === $mistake => self::hm(intdiv($all, $between)),
            'hundred-minutes' === $mistake && $whole($hundreds) => self::hmRaw(intdiv(intdiv($hundreds, $between), 100), intdiv($hundreds, $between) % 100),
            'only-the-hours' === $mistake && $whole($hours) && $hours * $minutes > 0 => self::hm(60 * intdiv($hours, $between) + $minutes),
            'only-the-minutes' === $mistake && $whole($minutes) && $hours * $minutes > 0 => self::hm(60 * $hours + intdiv($minutes, $between)),
            'shares-apart' === $mistake && !$whole($hours) && $hours + $minutes >= $between => self::sharedApart(intdiv($hours, $between), intdiv($minutes, $between)),
            default => null,
        };
    }

    private static function sharedApart(int $hours, int $minutes): ?string
    {
        return 0 === $hours + $minutes ? null : self::hmRaw($hours, $minutes);
    }

    /** @param callable(int, int): ?string $as */
    private static function adding(int $hours, int $minutes, int $hundreds, ?string $mistake, callable $as): ?string
    {
        if ('hundred-minutes' === $mistake) {
            return $as(intdiv($hundreds, 100), $hundreds % 100);
        }

        return $minutes < 60 ? null : match ($mistake) {
            'leaves-over-sixty' => $as($hours, $minutes),
            'drops-the-carry' => $as($hours, $minutes % 60),
            'keeps-the-sixty' => $as($hours + intdiv($minutes, 60), $minutes),
            default => null,
        };
    }

    /** @param callable(int, int): ?string $as */
    private static function taking(int $A, int $x, int $B, int $y, string $mistake, callable $as, bool $zero): ?string
    {
        if ('hundred-minutes' === $mistake) {
            $rest = 100 * ($A - $B) + $x - $y;

            return $rest < 0 ? null : $as(intdiv($rest, 100), $rest % 100);
        }

        return $y <= $x ? null : match ($mistake) {
            'smaller-from-larger' => $as($A - $B, $y - $x),
            'borrows-without-paying' => $as($A - $B, $x + 60 - $y),
            'borrows-ten' => $x + 10 >= $y ? $as($A - $B - 1, $x + 10 - $y) : null,
            'pays-without-borrowing' => $as($A - $B - 1, $y - $x),
            'zero-when-stuck' => $zero ? $as($A - $B, 0) : null,
            default => null,
        };
    }

    private static function move(string $start, string $sign, int $by, ?string $mistake): ?string
    {
        [$at, $form] = self::time($start);
        $end = $at + ('+' === $sign ? $by : -$by);
        $as = static fn (int $hour, int $minute): string => self::clockRaw((($hour % 24) + 24) % 24, $minute, $form);
        $right = static fn (int $m): string => $as(intdiv(($m % 1440 + 1440) % 1440, 60), ($m % 60 + 60) % 60);
        if (null === $mistake) {
            return $right($end);
        }
        if ('wrong-operation' === $mistake) {
            return $right($at - ($end - $at));
        }
        [$H, $x, $h, $y] = [intdiv($at, 60), $at % 60, intdiv($by, 60), $by % 60];
        if ('forgets-first-jump' === $mistake || 'forgets-last-jump' === $mistake) {
            $first = '+' === $sign ? (60 - $x) % 60 : $x;
            $without = $by - ('forgets-first-jump' === $mistake ? $first : $y - $first);

            return 0 === $first || $y <= $first || $without <= 0 ? null : $right($at + ('+' === $sign ? $without : -$without));
        }
        if ('24' === $form && 'past-twenty-four' === $mistake) {
            return '+' === $sign && $end > 1440 && $end < 2880 ? \sprintf('%d:%02d', intdiv($end, 60), $end % 60) : null;
        }
        if ('12' === $form) {
            $to = ($end % 1440 + 1440) % 1440;
            $flipped = self::clockRaw(intdiv($to, 60) + ($to < 720 ? 12 : -12), $to % 60, $form);
            $crossed = ($at < 720) !== ($to < 720);
            if ('keeps-am-pm' === $mistake) {
                return $crossed ? $flipped : null;
            }
            if ('flips-am-pm' === $mistake) {
                return $crossed || $by >= 720 || intdiv($at, 60) === intdiv($to, 60) ? null : $flipped;
            }
            if ('past-twelve' === $mistake) {
                $past = ((intdiv($at, 60) + 11) % 12 + 1) * 60 + $x + $by;

                return '+' === $sign && $past >= 780 && $past < 1440 ? \sprintf('%d:%02d %s', intdiv($past, 60), $past % 60, $at < 720 ? 'a.m.' : 'p.m.') : null;
            }
            if ('twelve-swap' === $mistake) {
                $swap = static fn (int $m): int => \in_array(intdiv($m, 60), [0, 12], true) ? ($m + 720) % 1440 : $m;
                $from = 0 === $at % 720 ? $at : $swap($at);

                return $right($swap((($from + $end - $at) % 1440 + 1440) % 1440));
            }
        }
        if ('+' === $sign) {
            return self::adding($H + $h, $x + $y, 100 * ($H + $h) + $x + $y, $mistake, $as);
        }

        return self::taking($H + ($end < 0 ? 24 : 0), $x, $h, $y, $mistake, $as, false);
    }

    private static function elapsed(string $start, string $end, ?string $mistake): ?string
    {
        [$a, $form] = self::time($start);
        [$b] = self::time($end);
        $over = $b <= $a;
        $long = $b - $a + ($over ? 1440 : 0);
        if (null === $mistake) {
            return self::hm($long);
        }
        if ('counts-both-ends' === $mistake) {
            return 0 === $long % 60 ? self::hm($long + 60) : null;
        }
        if ('larger-number-on-top' === $mistake) {
            return $over && $a !== $b ? self::hm($a - $b) : null;
        }
        if (\in_array($mistake, ['forgets-first-jump', 'forgets-last-jump', 'hours-from-the-start'], true)) {
            [$first, $last] = [(60 - $a % 60) % 60, $b % 60];
            $found = match ($mistake) {
                'forgets-first-jump' => $long - $first,
                'forgets-last-jump' => $long - $last,
                default => $long + 60,
            };

            return 0 === $first || 0 === $last || $long < $first + $last || 0 === $found ? null : self::hm($found);
        }
        $twelve = '12' === $form && '24' !== self::time($end)[1];
        if ($twelve && 'ignores-am-pm' === $mistake) {
            $digits = static fn (int $m): int => ((intdiv($m, 60) + 11) % 12 + 1) * 60 + $m % 60;
            $off = abs($digits($b) - $digits($a));

            return (($a < 720) === ($b < 720) && !$over) || 0 === $off ? null : self::hm($off);
        }
        if ($twelve && 'twelve-swap' === $mistake) {
            $swap = static fn (int $m): int => 0 !== $m % 720 && \in_array(intdiv($m, 60), [0, 12], true) ? ($m + 720) % 1440 : $m;
            $swapped = $swap($b) - $swap($a);

            return self::hm($swapped > 0 ? $swapped : $swapped + 1440);
        }

        return self::taking(intdiv($b, 60) + ($over ? 24 : 0), $b % 60, intdiv($a, 60), $a % 60, $mistake, self::hmRaw(...), true);
    }

    /** @param list<string> $things */
    private static function order(array $things, ?string $mistake): ?string
    {
        $keys = [];
        foreach ($things as $thing) {
            if (1 !== preg_match('/^\d+:|noon|midnight/', $thing)) {
                $keys[] = 'number-only' === $mistake ? (int) $thing : (null === $mistake ? self::seconds($thing) : null);
                continue;
            }
            [$at] = self::time($thing);
            $hour = (intdiv($at, 60) + 11) % 12 + 1;
            $keys[] = match ($mistake) {
                null => $at,
                'ignores-am-pm' => $hour * 60 + $at % 60,
                'twelve-biggest' => ($at < 720 ? 0 : 10000) + $hour * 60 + $at % 60,
                'twelve-swap' => 12 === $hour && 0 !== $at % 720 ? ($at + 720) % 1440 : $at,
                default => null,
            };
        }
        if (\in_array(null, $keys, true)) {
            return null;
        }
        asort($keys);

        return implode(', ', array_map(static fn (int $i): string => $things[$i], array_keys($keys)));
    }

    private static function compare(string $left, string $right, ?string $mistake): ?string
    {
        [$a, $b] = match ($mistake) {
            null => [self::seconds($left), self::seconds($right)],
            'number-only' => [(int) $left, (int) $right],
            default => [null, null],
        };

        return null === $a || null === $b ? null : ($a < $b ? '<' : ($a > $b ? '>' : '='));
    }

    private static function rewrite(string $given, string $as, ?string $mistake): ?string
    {
        if ('digital' === $as || 'words' === $as) {
            [$at, $form] = 'words' === $as ? self::time($given) : self::said($given);
            $half = 'open' === $form || 'words' === $as ? '' : ($at < 720 ? ' a.m.' : ' p.m.');
            $hour = (intdiv($at, 60) + 11) % 12 + 1;
            $minute = $at % 60;
            $next = $hour % 12 + 1;
            $write = static fn (int $h, int $m): string => ('words' === $as ? self::words($h, $m) : self::clock($h % 12, $m)).$half;
            $reading = 'digital' === $as;

            return match ($mistake) {
                null => $write($hour, $minute),
                'swaps-hands' => $reading ? $write(((int) round($minute / 5) + 11) % 12 + 1, $hour % 12 * 5) : null,
                'next-hour' => $reading && $minute >= 30 ? $write($next, $minute) : null,
                'hour-ahead' => $reading && $minute > 0 ? $write($next, $minute) : null,
                'sixty-at-the-top' => $reading && 0 === $minute ? $write($hour, 60) : null,
                'ones-as-tens' => $reading && $minute > 0 && $minute < 6 ? $write($hour, 10 * $minute) : null,
                'numbers-as-they-stand' => match (true) {
                    $minute > 0 && $minute < 13 => $write($minute, $hour),
                    $reading && $minute > 47 => $write(60 - $minute, $next),
                    default => null,
                },
                'hundred-minutes' => match ($reading.'-'.$minute) {
                    '1-15', '1-30', '1-45' => $write($hour, intdiv($minute * 5, 3)),
                    '-25', '-50' => $write($hour, intdiv($minute * 3, 5)),
                    default => null,
                },
                'hand-number-as-minutes' => $reading && 0 === $minute % 5 ? $write($hour, 0 === $minute ? 12 : intdiv($minute, 5)) : null,
                'to-as-past' => $minute > 30 ? $write($next, 60 - $minute) : null,
                'to-this-hour' => $minute > 30 ? ($reading ? $write($next, $minute) : $write(($hour + 10) % 12 + 1, $minute)) : null,
                default => null,
            };
        }
        [$at] = self::time($given);
        $h = intdiv($at, 60);
        if ('24h' === $as) {
            return match ($mistake) {
                null => \sprintf('%02d:%02d', $h, $at % 60),
                'twelve-swap' => \in_array($h, [0, 12], true) && 0 !== $at % 720 ? \sprintf('%02d:%02d', 12 - $h, $at % 60) : null,
                'adds-twelve-always' => $at > 0 && $h < 13 ? \sprintf('%02d:%02d', 0 === $h ? 24 : $h + 12, $at % 60) : null,
                'adds-ten' => $h > 12 ? \sprintf('%02d:%02d', $h - 12 + 10, $at % 60) : null,
                'keeps-twelve' => 0 === $h ? \sprintf('12:%02d', $at) : null,
                'past-twenty-four' => 0 === $h && $at > 0 ? \sprintf('24:%02d', $at) : null,
                default => null,
            };
        }

        return match ($mistake) {
            null => 0 === $at % 720 ? (0 === $at ? '12 midnight' : '12 noon') : self::clockRaw($h, $at % 60, '12'),
            'twelve-swap' => \in_array($h, [0, 12], true) ? self::clockRaw(12 - $h, $at % 60, '12') : null,
            'past-twelve' => $h >= 13 ? \sprintf('%d:%02d p.m.', $h, $at % 60) : null,
            'takes-ten' => $h >= 13 ? \sprintf('%d:%02d p.m.', $h - 10, $at % 60) : null,
            default => null,
        };
    }

    private static function convert(string $amount, string $target, ?string $mistake): ?string
    {
        $size = ['s' => 1, 'min' => 60, 'h' => 3600, 'day' => 86400, 'week' => 604800, 'month' => 1, 'year' => 12];
        $units = array_map(static fn (string $u): string => rtrim($u, 's') ?: 's', explode(' ', $target));
        preg_match_all('/([\d.]+) (\w+)/', $amount, $found);
        $parts = [];
        foreach ($found[1] as $i => $n) {
            $parts[rtrim($found[2][$i], 's') ?: 's'] = $n;
        }
        $names = array_keys($parts);
        $from = $names[0];
        $last = $units[\count($units) - 1];
        $name = static fn (int $n, string $u): string => $n.' '.(\in_array($u, ['s', 'min', 'h'], true) || 1 === $n ? $u : $u.'s');
        $total = 0.0;
        foreach ($parts as $u => $n) {
            $total += (float) $n * $size[$u];
        }
        $total = (int) round($total);
        $number = (float) $parts[$from];
        if (null === $mistake) {
            $written = [];
            foreach ($units as $u) {
                $written[] = $name(intdiv($total, $size[$u]), $u);
                $total %= $size[$u];
            }

            return implode(' ', array_values(array_filter($written, static fn (string $w): bool => '0' !== $w[0])));
        }
        $per = $size[$from] > $size[$last] ? intdiv($size[$from], $size[$last]) : intdiv($size[$units[0]], $size[$from]);
        $two = static fn (int $divisor): string => implode(' ', array_filter([intdiv((int) $number, $divisor) > 0 ? $name(intdiv((int) $number, $divisor), $units[0]) : '', (int) $number % $divisor > 0 ? $name((int) $number % $divisor, $last) : '']));
        $instead = static function (int $for, bool $sixty) use ($parts, $names, $from, $last, $units, $number, $per, $name, $two): ?string {
            if ($sixty && 60 !== $per) {
                return null;
            }
            if (1 === \count($units) && isset($names[1])) {
                return $name((int) $number * $for + (int) $parts[$last], $last);
            }
            if (2 === \count($units)) {
                if ($sixty && !isset($names[1]) && $from === $units[0] && str_contains($parts[$from], '.')) {
                    $hundredths = (int) round(100 * $number);

                    return implode(' ', array_filter([$hundredths >= 100 ? $name(intdiv($hundredths, 100), $units[0]) : '', $name($hundredths % 100, $last)]));
                }

                return isset($names[1]) || str_contains($parts[$from], '.') ? null : $two($for);
            }
            if (str_contains($parts[$from], '.')) {
                return $sixty ? $name((int) round($number * $for), $last) : null;
            }

            return self::isLarger($from, $last) ? $name((int) $number * $for, $last) : (0 === (int) $number % $for ? $name(intdiv((int) $number, $for), $last) : null);
        };

        return match ($mistake) {
            'hundred-minutes' => $instead(100, true),
            'week-as-five' => 'week' === $from || 'week' === $units[0] ? $instead(5, false) : null,
            'day-as-twelve' => ('day' === $from && 'h' === $last) || ('day' === $units[0] && 'h' === $from) ? $instead(12, false) : null,
            'ten-for-everything' => str_contains($parts[$from], '.') ? self::tenths($parts[$from], $units, $name) : $instead(10, false),
            'forgets-to-add-on' => isset($names[1]) && 1 === \count($units) ? $name((int) $number * $per, $last) : null,
            'drops-remainder' => 2 === \count($units) && !isset($names[1]) && intdiv($total, $size[$units[0]]) > 0 ? $name(intdiv($total, $size[$units[0]]), $units[0]) : null,
            'wrong-way' => 1 === \count($units) && !isset($names[1]) && !str_contains($parts[$from], '.')
                ? (self::isLarger($from, $last) ? (0 === (int) $number % $per ? $name(intdiv((int) $number, $per), $last) : null) : $name((int) $number * $per, $last)) : null,
            'decimal-as-minutes' => str_contains($parts[$from], '.') ? (2 === \count($units)
                ? implode(' ', [$name((int) $number, $units[0]), $name((int) explode('.', $parts[$from])[1], $last)])
                : $name((int) $number * $per + (int) explode('.', $parts[$from])[1], $last)) : null,
            default => null,
        };
    }

    /**
     * A decimal by ten: 2.5 h is 2 h and 5 of the next, or 25 of it; with more decimals it does not come out.
     *
     * @param list<string>                  $units
     * @param \Closure(int, string): string $name
     */
    private static function tenths(string $decimal, array $units, \Closure $name): ?string
    {
        [$whole, $tenth] = explode('.', $decimal);
        if (1 !== \strlen($tenth)) {
            return null;
        }

        return 1 === \count($units) ? $name((int) ($whole.$tenth), $units[0]) : $name((int) $whole, $units[0]).' '.$name((int) $tenth, $units[1]);
    }

    private static function isLarger(string $a, string $b): bool
    {
        $rank = array_flip(['s', 'min', 'h', 'day', 'week', 'month', 'year']);

        return $rank[$a] > $rank[$b];
    }

    private static function seconds(string $length): int
    {
        $total = 0;
        preg_match_all('/(\d+) (s|min|h|days?|weeks?|months?|years?)/', $length, $found);
        foreach ($found[1] as $i => $n) {
            $total += (int) $n * ['s' => 1, 'min' => 60, 'h' => 3600, 'day' => 86400, 'week' => 604800, 'month' => 2592000, 'year' => 31104000][rtrim($found[2][$i], 's') ?: 's'];
        }

        return $total;
    }

    private static function min(string $length): int
    {
        return intdiv(self::seconds($length), 60);
    }

    /** @return array{int, string} minutes since midnight, and the form: 12, 24 or open */
    private static function time(string $text): array
    {
        if ('12 noon' === $text || '12 midnight' === $text) {
            return ['12 noon' === $text ? 720 : 0, '12'];
        }
        [$h, $m] = array_map(intval(...), explode(':', $text));
        if (str_ends_with($text, 'm.')) {
            return [$h % 12 * 60 + $m + (str_contains($text, 'p.m.') ? 720 : 0), '12'];
        }

        return [($h < 13 && !str_starts_with($text, '0') && \strlen($text) < 5 ? $h % 12 : $h) * 60 + $m, '24'];
    }

    /** @return array{int, string} "23 minutes to 9", half of the day not said */
    private static function said(string $text): array
    {
        if (1 === preg_match('/^(\d+) o.clock$/u', $text, $m)) {
            return [(int) $m[1] % 12 * 60, 'open'];
        }
        preg_match('/^(half|quarter|\d+)(?: minutes?)? (past|to) (\d+)/', $text, $m);
        $minutes = ['half' => 30, 'quarter' => 15][$m[1] ?? ''] ?? (int) ($m[1] ?? 0);

        return [(((int) ($m[3] ?? 0) * 60 + ('to' === ($m[2] ?? '') ? -$minutes : $minutes)) % 720 + 720) % 720, 'open'];
    }

    private static function words(int $hour, int $minute): string
    {
        $names = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

        return match (true) {
            0 === $minute => $names[$hour].' o’clock',
            $minute > 30 => (60 - $minute).' minutes to '.$names[$hour % 12 + 1],
            default => $minute.' minutes past '.$names[$hour],
        };
    }

    private static function clock(int $hour, int $minute): string
    {
        return \sprintf('%d:%02d', 0 === $hour ? 12 : $hour, $minute);
    }

    private static function clockRaw(int $hour, int $minute, string $form): string
    {
        return '24' === $form ? \sprintf('%02d:%02d', $hour, $minute) : self::clock($hour % 12, $minute).($hour < 12 ? ' a.m.' : ' p.m.');
    }

    private static function hm(int $minutes): string
    {
        return self::hmRaw(intdiv($minutes, 60), $minutes % 60) ?? '0 min';
    }

    private static function hmRaw(int $hours, int $minutes): ?string
    {
        if ($hours < 0 || $minutes < 0) {
            return null;
        }

        return 0 === $hours ? $minutes.' min' : (0 === $minutes ? $hours.' h' : $hours.' h '.$minutes.' min');
    }
}
