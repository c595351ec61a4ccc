<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\SecondMove;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/**
 * Hours, then minutes, then seconds; for how long it is, on to the whole minute, whole minutes, the rest. For the clock to the
 * second. Common practice, no source.
 */
final class UnitByUnitMethod implements Method
{
    public function id(): string
    {
        return 'unit-by-unit';
    }

    public function title(): string
    {
        return 'Hours, minutes, seconds';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof SecondMove => new Suit(70, 'One unit after the other: the large ones first, the seconds last.'),
            $sum instanceof SecondElapsed => new Suit(70, 'On to the whole minute first, then whole minutes, then the seconds that are left.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof SecondMove => $this->move($sum, $writer),
            $sum instanceof SecondElapsed => $this->elapsed($sum, $writer),
            default => throw new \LogicException('Hours, minutes, seconds are for the clock to the second.'),
        };
    }

    private function move(SecondMove $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $sign = $sum->direction > 0 ? '+' : $writer->minus();
        $now = $sum->start;
        $at = $now->inSeconds() / 60;
        $done = 0;
        $parts = Amount::usual($sum->length->duration, Unit::Hour)->parts;
        $carries = static fn (int $seconds): bool => $seconds < 0 || $seconds >= 60;
        foreach ($parts as $part) {
            $by = $sum->direction * $part->numerator * intdiv($part->unit->size(), Unit::Second->size());
            if (0 === $by) {
                continue;
            }
            $next = $now->movedSeconds($by);
            $done += $by;
            $at = ($sum->start->inSeconds() + $done) / 60;
            $seconds = ($now->second ?? 0) + $by;
            $why = Unit::Second === $part->unit && $carries($seconds)
                ? ($by > 0
                    ? \sprintf('Seconds: %d + %d = %d. That is 60 or more: %s. ', $now->second ?? 0, $by, $seconds, $writer->amount(Amount::usual(Duration::ofSeconds($seconds))))
                    : \sprintf('There are only %s to take from: go back past the whole minute. ', Marked::unit(Unit::Second, ($now->second ?? 0).' s')))
                : '';
            $line = \sprintf('%s %s %s = %s', $writer->time($now), $sign, $writer->part($part), $writer->time($next));
            $lines->add($line, $why.$line.'.', $at);
            $now = $next;
        }
        $answer = new TimeAnswer($now, $sum->start->daysMoved((int) floor($at) - $sum->start->minutes));
        $lines->add('', 'The answer is '.$writer->answer($answer).'.', $at);

        return $lines->working($this, $answer);
    }

    private function elapsed(SecondElapsed $sum, Writer $writer): Working
    {
        if (!$sum->start->halfSaid || !$sum->end->halfSaid) {
            throw CannotBeDone::halfOfTheDayMatters();
        }
        $lines = new WrittenWorking();
        if ($sum->overMidnight()) {
            $lines->add('', 'The end is on the next day.');
        }
        $left = $sum->seconds();
        $now = $sum->start;
        $done = 0;
        $counted = [];
        $toMinute = (60 - ($now->second ?? 0)) % 60;
        $jumps = $left < $toMinute ? [[$left, Unit::Second]] : [[$toMinute, Unit::Second], [$left - $toMinute - ($left - $toMinute) % 60, Unit::Minute], [($left - $toMinute) % 60, Unit::Second]];
        foreach ($jumps as [$by, $unit]) {
            if (0 === $by) {
                continue;
            }
            $next = $now->movedSeconds($by);
            $done += $by;
            $size = $writer->amount(Unit::Second === $unit ? Amount::usual(Duration::ofSeconds($by)) : Amount::minutes(intdiv($by, 60)));
            $lines->add(\sprintf('%s to %s: %s', $writer->time($now), $writer->time($next), $size), \sprintf('From %s to %s it is %s.', $writer->time($now), $writer->time($next), $size), ($sum->start->inSeconds() + $done) / 60);
            $counted[] = $size;
            $now = $next;
        }
        $answer = new LengthAnswer(Amount::usual(Duration::ofSeconds($done)));
        $lines->add(isset($counted[1]) ? implode(' + ', $counted).' = '.$writer->answer($answer) : '', isset($counted[1]) ? 'Altogether: '.implode(' + ', $counted).' = '.$writer->answer($answer).'.' : 'It is '.$writer->answer($answer).'.');

        return $lines->working($this, $answer);
    }
}
