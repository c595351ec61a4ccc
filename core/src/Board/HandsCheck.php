<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\HandsDisagree;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Looks at two hands that were set by hand for a given time and says what is right and what to look at again. The
 * minute hand has to be at its minute; the hour hand may be as far off as {@see TOLERANCE}.
 */
final class HandsCheck
{
    /** Degrees by which the hour hand may be off: a quarter of the way between two numbers is 7.5, and a hand that is out by so much shows another hour. Common practice, no source. */
    public const TOLERANCE = 7.0;

    /** Degrees by which the minute hand may be off: half a minute. */
    private const MINUTE_TOLERANCE = 3.0;

    /** @param bool $inWords whether the time is asked for in words: then nothing that is said gives its digits */
    public static function of(TimeOfDay $wanted, ClockHands $set, Style $style = new Style(), bool $inWords = false): HandsSet
    {
        $right = ClockHands::at($wanted);
        $writer = Writer::plain($style);
        $said = static fn (StatedTime $one): string => $inWords ? (new SpokenTime($style->past->value))->of($one) : $writer->clock($one);
        $time = $said(StatedTime::open($wanted->hour12(), $wanted->minute()));
        $minuteOff = self::apart($right->minute, $set->minute);
        $hourOff = self::apart($right->hour, $set->hour);
        if ($minuteOff <= self::MINUTE_TOLERANCE && $hourOff <= self::TOLERANCE) {
            return new HandsSet(true, \sprintf('Yes: %s.', $time));
        }
        if (self::apart($right->minute, $set->hour) <= 15 && self::apart($right->hour, $set->minute) <= 15) {
            return new HandsSet(false, 'Look at the two hands: the short one shows the hour, the long one the minutes.');
        }
        if ($minuteOff > self::MINUTE_TOLERANCE && $hourOff <= self::TOLERANCE) {
            return new HandsSet(false, 'The hour hand is right. '.self::count($wanted->minute(), $inWords, $style->timesFive));
        }
        if ($minuteOff <= self::MINUTE_TOLERANCE) {
            return new HandsSet(false, match (true) {
                self::apart($wanted->hour12() % 12 * 30.0, $set->hour) <= 5 => \sprintf('The minute hand is right. The hour hand creeps on: at %s it has left the %d.', $time, $wanted->hour12()),
                self::apart(($wanted->hour12() + 1) % 12 * 30.0, $set->hour) <= 15 => \sprintf('The minute hand is right. The hour hand is not at %d yet.', $wanted->hour12() % 12 + 1),
                default => \sprintf('The minute hand is right. Where is the hour hand at %s?', $time),
            });
        }
        try {
            return new HandsSet(false, \sprintf('This clock shows %s.', $said($set->read())));
        } catch (HandsDisagree $apart) {
            return new HandsSet(false, $apart->getMessage());
        }
    }

    /** How the minute hand is counted to its place: on from the top, or back from it where one says "to". */
    private static function count(int $minute, bool $inWords, bool $timesFive): string
    {
        if (0 === $minute) {
            return 'The minute hand is at the top at every o’clock.';
        }
        $to = $inWords && $minute > 30 ? 60 - $minute : $minute;
        $fives = $to < 5 ? [] : range(5, $to - $to % 5, 5);
        $ones = 0 === $to % 5 ? [] : range($to - $to % 5 + 1, $to);

        if ($timesFive && [] !== $fives && !$inWords) {
            return \sprintf('Think of five times a numeral: 5 × %d = %d%s.', \count($fives), max($fives), [] === $ones ? '' : ', then '.implode(', ', $ones));
        }

        return \sprintf('Count %s from the top with the minute hand: %s.', $inWords && $minute > 30 ? 'back' : 'on', implode(', ', [...$fives, ...$ones]));
    }

    /** Degrees between two directions, 0 to 180. */
    private static function apart(float $a, float $b): float
    {
        $off = fmod(abs($a - $b), 360.0);

        return min($off, 360.0 - $off);
    }
}
