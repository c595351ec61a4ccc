<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

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

    public static function of(TimeOfDay $wanted, ClockHands $set, Style $style = new Style()): HandsSet
    {
        $right = ClockHands::at($wanted);
        $writer = Writer::plain($style);
        $time = $writer->clock(StatedTime::open($wanted->hour12(), $wanted->minute()));
        $minuteOff = self::apart($right->minute, $set->minute);
        $hourOff = self::apart($right->hour, $set->hour);
        if ($minuteOff <= self::MINUTE_TOLERANCE && $hourOff <= self::TOLERANCE) {
            return new HandsSet(true, \sprintf('Yes: %s.', $time));
        }
        if (self::apart($right->minute, $set->hour) <= 15 && self::apart($right->hour, $set->minute) <= 15) {
            return new HandsSet(false, 'Look at the two hands: the short one shows the hour, the long one the minutes.');
        }
        if ($minuteOff > self::MINUTE_TOLERANCE && $hourOff <= self::TOLERANCE) {
            return new HandsSet(false, \sprintf('The hour hand is right. Count fives to %d with the minute hand.', $wanted->minute()));
        }
        if ($minuteOff <= self::MINUTE_TOLERANCE) {
            return new HandsSet(false, match (true) {
                self::apart($wanted->hour12() % 12 * 30.0, $set->hour) <= 5 => \sprintf('The minute hand is right. The hour hand creeps on: at %s it has left the %d.', $time, $wanted->hour12()),
                self::apart(($wanted->hour12() + 1) % 12 * 30.0, $set->hour) <= 15 => \sprintf('The minute hand is right. The hour hand is not at %d yet.', $wanted->hour12() % 12 + 1),
                default => \sprintf('The minute hand is right. Where is the hour hand at %s?', $time),
            });
        }
        try {
            return new HandsSet(false, \sprintf('This clock shows %s.', $writer->clock($set->read())));
        } catch (HandsDisagree $apart) {
            return new HandsSet(false, $apart->getMessage());
        }
    }

    /** Degrees between two directions, 0 to 180. */
    private static function apart(float $a, float $b): float
    {
        $off = fmod(abs($a - $b), 360.0);

        return min($off, 360.0 - $off);
    }
}
