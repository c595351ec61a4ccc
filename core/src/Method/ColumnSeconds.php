<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Times of day to the second in columns of hours, minutes and seconds, as 24-hour times.
 *
 * @internal to the column method
 */
final class ColumnSeconds
{
    private const UNITS = [Unit::Hour, Unit::Minute, Unit::Second];

    public static function work(Method $method, SecondMove|SecondElapsed $sum, Writer $writer): Working
    {
        return $sum instanceof SecondMove ? self::move($method, $sum, $writer) : self::elapsed($method, $sum, $writer);
    }

    private static function move(Method $method, SecondMove $sum, Writer $writer): Working
    {
        $forward = $sum->direction > 0;
        $by = $sum->length->duration->seconds();
        $row = self::row($sum->start);
        $paper = new ColumnPaper(self::UNITS, [$row, [intdiv($by, 3600), intdiv($by, 60) % 60, $by % 60]], $forward ? '+' : '−', true);
        $paper->say(\sprintf('Hours, minutes and seconds under each other, %s as %s.', $writer->time($sum->start), $writer->clock($sum->start->as24())));
        $short = $forward ? 0 : $by - $sum->start->inSeconds();
        $added = $short > 0 ? (int) ceil($short / 86400) * 24 : 0;
        if ($added > 0) {
            $paper->exchange(0, 0, $row[0] + $added);
            $paper->rough(\sprintf('%d + %d = %d', $row[0], $added, $row[0] + $added));
            $paper->say(\sprintf('This goes back past midnight, so add %s first: %d + %d = %d.', Marked::hour($added.' h'), $row[0], $added, $row[0] + $added), 0);
        }
        [$hours, $minutes, $seconds] = $forward ? ColumnAdding::rows($paper, $writer->style) : ColumnTaking::rows($paper);
        $taken = $forward && $hours >= 24 ? intdiv($hours, 24) * 24 : 0;
        if ($taken > 0) {
            $paper->rough(\sprintf('%d − %d = %d', $hours, $taken, $hours - $taken));
            $paper->answer(0, $hours - $taken);
            $paper->say(\sprintf('A day has only 24 hours, so take %s away: %d − %d = %d.', Marked::hour($taken.' h'), $hours, $taken, $hours - $taken), 0);
        }
        $found = 3600 * ($hours - $taken) + 60 * $minutes + $seconds;
        $answer = new TimeAnswer($sum->start->movedSeconds($found - $sum->start->inSeconds()), intdiv($taken, 24) - intdiv($added, 24));
        $paper->say('The answer is '.$writer->answer($answer).'.');

        return $paper->working($method, $answer);
    }

    private static function elapsed(Method $method, SecondElapsed $sum, Writer $writer): Working
    {
        $end = self::row($sum->end);
        $paper = new ColumnPaper(self::UNITS, [$end, self::row($sum->start)], '−', true);
        $paper->say('The end goes on top, the start below.');
        if ($sum->overMidnight()) {
            $paper->exchange(0, 0, $end[0] + 24);
            $paper->rough(\sprintf('%d + 24 = %d', $end[0], $end[0] + 24));
            $paper->say(\sprintf('The end is on the next day, so add %s: %d + 24 = %d.', Marked::hour('24 h'), $end[0], $end[0] + 24), 0);
        }
        $found = ColumnTaking::rows($paper);
        $answer = new LengthAnswer(Amount::usual(Duration::ofSeconds(3600 * $found[0] + 60 * $found[1] + $found[2])));
        $paper->say('It is '.$writer->answer($answer).'.');

        return $paper->working($method, $answer);
    }

    /** @return array{int, int, int} */
    private static function row(StatedTime $time): array
    {
        return [$time->time()->hour(), $time->time()->minute(), $time->second ?? 0];
    }
}
