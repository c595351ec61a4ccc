<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/**
 * Reads at one glance the shape in which nearly every sum is kept and typed: two times or lengths in digits with a
 * sign between them. Whatever needs thought (a half of the day not said, words, a third term, a slip) it leaves to the
 * forms, which would read these lines in just the same way.
 */
final class Shorthand
{
    private const TIME = '(\d\d?):(\d\d)(?: ?([ap])\.?m\.?)?';
    private const LENGTH = '(?:(\d{1,3}) ?h(?:ours?)?)?(?: ?(\d{1,4}) ?min(?:s|utes?)?)?';
    private const PATTERN = '~^(?:'.self::TIME.'|'.self::LENGTH.')(?: ?(?=[+-])| (?=to ))(\+|-|to) ?(?:'.self::TIME.'|'.self::LENGTH.')$~iD';

    /** The sum, or null where the line has to be looked at more closely. */
    public static function read(string $typed): ?Sum
    {
        if (1 !== preg_match(self::PATTERN, $typed, $m, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        $left = isset($m[1], $m[2]) ? self::time($m[1], $m[2], $m[3] ?? null) : self::length($m[4] ?? null, $m[5] ?? null);
        $right = isset($m[7], $m[8]) ? self::time($m[7], $m[8], $m[9] ?? null) : self::length($m[10] ?? null, $m[11] ?? null);
        if (null === $left || null === $right) {
            return null;
        }
        $sign = $m[6];
        if ($left instanceof StatedTime) {
            if ($right instanceof StatedTime) {
                return '+' !== $sign && '-' !== $sign ? Elapsed::of($left, $right) : null;
            }

            return '+' === $sign ? Later::of($left, $right) : ('-' === $sign ? Earlier::of($left, $right) : null);
        }
        if ($right instanceof StatedTime) {
            return null;
        }

        return '+' === $sign ? Total::of($left, $right) : ('-' === $sign ? Difference::of($left, $right) : null);
    }

    private static function time(string $hour, string $minute, ?string $half): ?StatedTime
    {
        $h = (int) $hour;
        $m = (int) $minute;
        if ($m > 59) {
            return null;
        }
        if (null !== $half) {
            return $h < 1 || $h > 12 ? null : StatedTime::of(TimeOfDay::of12($h, $m, 'p' === $half || 'P' === $half ? HalfOfDay::Pm : HalfOfDay::Am));
        }

        return $h > 23 || ($h <= 12 && '0' !== $hour[0]) ? null : StatedTime::of(TimeOfDay::of($h, $m), ClockForm::TwentyFour);
    }

    private static function length(?string $hours, ?string $minutes): ?Amount
    {
        if (null === $hours) {
            return null === $minutes ? null : Amount::of(AmountPart::whole((int) $minutes, Unit::Minute));
        }
        $h = AmountPart::whole((int) $hours, Unit::Hour);

        return null === $minutes ? Amount::of($h) : Amount::of($h, AmountPart::whole((int) $minutes, Unit::Minute));
    }
}
