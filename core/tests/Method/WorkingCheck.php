<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Method;

use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Picture\WrittenPicture;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;

/**
 * Whether a working hangs together by itself: the jumps on the line join and add up, the columns carry and exchange
 * what they say, every calculation that is written down comes out. It calculates with bare numbers only.
 */
final class WorkingCheck
{
    /** What is wrong with a working, in a few words; null where nothing is. */
    public static function fault(Working $working, Sum $sum): ?string
    {
        $last = $working->steps[\count($working->steps) - 1]->picture;

        return match (true) {
            $last instanceof LinePicture => self::line($last),
            $last instanceof ColumnsPicture => self::columns($last, $sum instanceof ClockMove || $sum instanceof Elapsed),
            $last instanceof WrittenPicture => self::lines($last->lines),
            default => null,
        };
    }

    private static function line(LinePicture $line): ?string
    {
        $places = [];
        $before = null;
        foreach ($line->points as $point) {
            if ($point->at < $line->from || $point->at > $line->to || (null !== $before && $point->at < $before)) {
                return 'a point stands off the line or out of order';
            }
            $places[$point->at] = true;
            $before = $point->at;
        }
        $at = null;
        $size = 0;
        foreach ($line->jumps as $jump) {
            if ((null !== $at && $at !== $jump->from) || !isset($places[$jump->from], $places[$jump->to])) {
                return 'a jump does not begin where the last one ended, or lands nowhere';
            }
            $size += abs($jump->to - $jump->from);
            $at = $jump->to;
        }

        if ([] === $line->points) {
            return 'nothing stands on the line';
        }
        $way = $line->points[\count($line->points) - 1]->at - $line->points[0]->at;

        return $way === $size ? null : 'the jumps do not add up to the way';
    }

    /** Units of a column, in the smallest of its chain, by the head that it bears. */
    private const SIZES = ['s' => 1, 'min' => 60, 'h' => 3600, 'days' => 86400, 'weeks' => 604800, 'months' => 1, 'years' => 12];

    private static function columns(ColumnsPicture $paper, bool $onTheClock): ?string
    {
        $before = 0;
        $after = 0;
        $result = 0;
        $count = \count($paper->heads);
        foreach ($paper->heads as $c => $head) {
            $size = self::SIZES[$head->unit] ?? null;
            if (null === $size || 1 !== preg_match('/^\d+$/', $paper->answer[$c] ?? '')) {
                return 'a column has no unit, or no answer';
            }
            $answer = (int) $paper->answer[$c];
            $limit = isset($paper->heads[$c - 1]) ? intdiv(self::SIZES[$paper->heads[$c - 1]->unit] ?? 0, $size) : 0;
            if ($limit > 0 && $answer >= $limit) {
                return 'a column holds more than it may';
            }
            $given = [];
            $written = [];
            foreach ($paper->rows as $row) {
                $cell = $row->cells[$c];
                $given[] = (int) $cell->digits;
                $written[] = (int) ('' === $cell->instead ? $cell->digits : $cell->instead);
            }
            if ('+' === $paper->sign) {
                $carried = (int) ($paper->carry[$c] ?? '');
                $passedOn = $c > 0 ? (int) ($paper->carry[$c - 1] ?? '') : 0;
                $off = array_sum($given) + $carried - $answer - $passedOn * $limit;
                if (0 !== $off && (!$onTheClock || 0 !== $c || 0 !== $off % 12)) {
                    return 'a column does not add up with what is carried';
                }
                if ('' !== ($paper->carry[$count - 1] ?? '')) {
                    return 'something is carried to the smallest unit';
                }
            } elseif ('−' === $paper->sign) {
                if (($written[0] ?? 0) - ($written[1] ?? 0) !== $answer) {
                    return 'a column is not taken away rightly';
                }
                $before += ($given[0] ?? 0) * $size;
                $after += ($written[0] ?? 0) * $size;
            }
            $result += $answer * $size;
        }
        $gained = $after - $before;
        if (0 !== $gained && (!$onTheClock || $gained < 0 || 0 !== $gained % (12 * 3600))) {
            return 'the exchange changes the length';
        }

        return $result < 0 ? 'less than nothing' : self::lines($paper->rough);
    }

    /** @param list<string> $lines */
    private static function lines(array $lines): ?string
    {
        foreach ($lines as $line) {
            $text = Marked::plain($line);
            // numbers and signs up to the first equals sign, then a number
            if (1 === preg_match('~(?:^|= )((?:\d+ [+−×] )+\d+) = (\d+)(?![\d:.])~u', $text, $m) && self::value($m[1]) !== (int) $m[2]) {
                return 'it is not true that '.$text;
            }
            if (1 === preg_match('~^(\d+) ÷ (\d+) = (\d+)(?![\d:.])[ \w]*(?:, remainder (\d+))?~u', $text, $m) && (int) $m[1] !== (int) $m[2] * (int) $m[3] + (int) ($m[4] ?? 0)) {
                return 'it is not true that '.$text;
            }
        }

        return null;
    }

    /** Products before sums, from left to right. */
    private static function value(string $calculation): int
    {
        $total = 0;
        $sign = 1;
        foreach (explode(' ', $calculation) as $piece) {
            if ('+' === $piece || '−' === $piece) {
                $total += $sign * ($product ?? 0);
                $sign = '+' === $piece ? 1 : -1;
                $product = null;
            } elseif ('×' !== $piece) {
                $product = ($product ?? 1) * (int) $piece;
            }
        }

        return $total + $sign * ($product ?? 0);
    }
}
