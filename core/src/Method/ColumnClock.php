<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Times of day in columns, as 24-hour times: what has to be done about midnight (and about 12, where a.m. or p.m. was
 * not said) around the adding and taking.
 *
 * @internal to the column method
 */
final class ColumnClock
{
    public static function move(Method $method, ClockMove $sum, Writer $writer): Working
    {
        $turn = intdiv($sum->start->turn(), 60);
        $time = $sum->start->time();
        $hour = $sum->start->halfSaid ? $time->hour() : $time->hour12();
        $lowest = $sum->start->halfSaid ? 0 : 1;
        $length = [intdiv($sum->minutes(), 60), $sum->minutes() % 60];
        $forward = $sum->direction() > 0;
        $paper = new ColumnPaper([Unit::Hour, Unit::Minute], [[$hour, $time->minute()], $length], $forward ? '+' : '−', true);
        $paper->say(self::as24($writer, $sum->start).'Hours under hours, minutes under minutes.');

        $added = 0;
        if (!$forward) {
            $short = $lowest * 60 - ($hour * 60 + $time->minute() - $sum->minutes());
            $added = $short > 0 ? (int) ceil($short / (60 * $turn)) * $turn : 0;
            if (0 !== $added) {
                $paper->exchange(0, 0, $hour + $added);
                $paper->rough(\sprintf('%d + %d = %d', $hour, $added, $hour + $added));
                $paper->say(\sprintf(
                    '%s, so add %s first: %d + %d = %d.',
                    $sum->start->halfSaid ? 'This goes back past midnight' : 'This goes back past 12',
                    Marked::hour($added.' h'),
                    $hour,
                    $added,
                    $hour + $added,
                ), 0);
            }
        }
        [$hours, $minutes] = $forward ? ColumnAdding::rows($paper, $writer->style) : ColumnTaking::rows($paper);
        $taken = $forward && $hours >= $turn + $lowest ? intdiv($hours - $lowest, $turn) * $turn : 0;
        if (0 !== $taken) {
            $paper->rough(\sprintf('%d − %d = %d', $hours, $taken, $hours - $taken));
            $paper->answer(0, $hours - $taken);
            $paper->say(\sprintf(
                '%s, so take %s away: %d − %d = %d.',
                $sum->start->halfSaid ? 'A day has only 24 hours' : 'After 12 the clock begins again',
                Marked::hour($taken.' h'),
                $hours,
                $taken,
                $hours - $taken,
            ), 0);
        }
        $reached = $sum->start->halfSaid
            ? self::stated($sum->start, ($hours - $taken) * 60 + $minutes)
            : StatedTime::open(($hours - $taken + 11) % 12 + 1, $minutes);
        $answer = new TimeAnswer($reached, $sum->start->halfSaid ? intdiv($taken, 24) - intdiv($added, 24) : 0);
        $twelve = ClockForm::Twelve === $sum->start->form && $sum->start->halfSaid && $writer->clock($reached->as24()) !== $writer->clock($reached);
        if ($twelve) {
            $paper->after($writer->clock($reached->as24()).' is '.$writer->answer($answer));
        }
        $paper->say(
            $twelve ? \sprintf('%s is %s.', $writer->clock($reached->as24()), $writer->answer($answer)) : 'The answer is '.$writer->answer($answer).'.',
        );

        return $paper->working($method, $answer);
    }

    public static function elapsed(Method $method, Elapsed $sum, Writer $writer): Working
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        // within one half of the day the hours of the 12-hour clock can be taken from each other as they stand
        $stays12 = self::inOneHalf($sum, $writer);
        $row = static fn (StatedTime $t): array => [$stays12 ? $t->time()->hour12() : $t->time()->hour(), $t->time()->minute()];
        $paper = new ColumnPaper([Unit::Hour, Unit::Minute], [$row($sum->end), $row($sum->start)], '−', true);
        $paper->say(($stays12 ? '' : self::as24($writer, $sum->end, $sum->start)).'The end goes on top, the start below.');
        if ($sum->overMidnight()) {
            $hour = $sum->end->time()->hour();
            $paper->exchange(0, 0, $hour + 24);
            $paper->rough(\sprintf('%d + 24 = %d', $hour, $hour + 24));
            $paper->say(\sprintf('The end is on the next day, so add %s: %d + 24 = %d.', Marked::hour('24 h'), $hour, $hour + 24), 0);
        }
        $found = ColumnTaking::rows($paper);
        $answer = new LengthAnswer(Amount::minutes($found[0] * 60 + $found[1]));
        $paper->say('It is '.$writer->answer($answer).'.');

        return $paper->working($method, $answer);
    }

    /** Whether both times are in the same half of the day, stated by the 12-hour clock, and neither in the hour of 12. */
    private static function inOneHalf(Elapsed $sum, Writer $writer): bool
    {
        $said = static fn (StatedTime $t): bool => ClockForm::Twelve === $t->form && !$writer->style->always24 && 12 !== $t->time()->hour12();

        return !$sum->overMidnight() && $said($sum->start) && $said($sum->end) && $sum->start->time()->half() === $sum->end->time()->half();
    }

    /** "Write 1:50 p.m. as 13:50. " for each 12-hour time after noon or in the first hour; nothing for the others. */
    private static function as24(Writer $writer, StatedTime ...$times): string
    {
        $said = [];
        foreach ($times as $time) {
            if ($time->halfSaid && ClockForm::Twelve === $time->form && !$writer->style->always24 && (HalfOfDay::Pm === $time->time()->half() || $time->minutes < 60)) {
                $said[] = $writer->time($time).' as '.$writer->clock($time->as24());
            }
        }

        return [] === $said ? '' : 'Write '.implode(' and ', $said).'. ';
    }

    private static function stated(StatedTime $like, int $minutes): StatedTime
    {
        return $like->moved($minutes - $like->minutes);
    }
}
