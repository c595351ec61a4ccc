<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ClockPicture;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** From the minutes to the next ten, then on to 60: how many minutes there are to the next hour. For saying a time. */
final class UpToSixtyMethod implements Method
{
    public function id(): string
    {
        return 'up-to-sixty';
    }

    public function title(): string
    {
        return 'Up to sixty';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        if (!$sum instanceof Rewrite) {
            return null;
        }
        if (TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form && $sum->time->time()->minute() > 30) {
            return new Suit(80, '“To” counts back from 60.');
        }
        if (TimeForm::Words !== $sum->as) {
            return null;
        }

        return $sum->time->time()->minute() > 30
            ? new Suit(80, 'After half past we say how many minutes it is to the next hour.')
            : new Suit(80, 'Up to half past we say how many minutes it is past the hour.');
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        if (!$sum instanceof Rewrite) {
            throw new \LogicException('Up to sixty is for saying a time.');
        }
        $time = $sum->time->time();
        $minute = $time->minute();
        if (TimeForm::Digital === $sum->as) {
            return $this->backFromSixty($sum, $writer);
        }
        $picture = static fn (int $swept, int ...$stops): ClockPicture => new ClockPicture($time->minutes % 720, $minute, $swept, array_values($stops), $writer->style->separator->value, $sum->time->second);
        $answer = new RewriteAnswer($sum->time->halfSaid ? StatedTime::of($time)->toTheSecond($sum->time->second) : $sum->time, TimeForm::Words);
        $steps = [];
        if ($minute <= 30) {
            $steps[] = new Step(
                0 === $minute
                    ? 'No minutes: it is the o’clock.'
                    : \sprintf('%s is not more than 30: say the minutes %s %s.', Marked::minute($minute), $writer->style->past->value, Marked::hour($time->hour12())),
                $picture(0),
            );
        } else {
            $next = Marked::hour($time->hour12() % 12 + 1);
            $steps[] = new Step(\sprintf('%s is more than 30: count on to the next hour, %s.', Marked::minute($minute), $next), $picture(0));
            $ten = (int) ceil($minute / 10) * 10;
            $to = 0;
            if ($ten !== $minute) {
                $to = $ten - $minute;
                $steps[] = new Step(\sprintf('From %d to the next ten: %s to %d.', $minute, Marked::minute($to), $ten), $picture($to, $ten % 60));
            }
            if ($ten < 60) {
                $steps[] = new Step(
                    \sprintf('From %d on to 60: %s%s.', $ten, Marked::minute(60 - $ten), 0 === $to ? '' : \sprintf('. %d + %d = %s', $to, 60 - $ten, Marked::minute(60 - $minute))),
                    $picture(60 - $minute, $ten, 0),
                );
            }
        }
        $steps[] = new Step('Say: '.$writer->answer($answer).'.', $picture($minute > 30 ? 60 - $minute : 0));

        return new Working($this, $steps, $answer);
    }

    /** A time said with "to", in digits: the minutes are taken from 60, and the hour is the one before. */
    private function backFromSixty(Rewrite $sum, Writer $writer): Working
    {
        $time = $sum->time->time();
        $to = 60 - $time->minute();
        $named = $time->hour12() % 12 + 1;
        $answer = new RewriteAnswer($sum->time, TimeForm::Digital);
        $picture = static fn (int $swept, int ...$stops): ClockPicture => new ClockPicture(($time->minutes + $to + $swept) % 720, 0, $swept, array_values($stops), $writer->style->separator->value, $sum->time->second);

        return new Working($this, [
            new Step(\sprintf('It is not yet %s o’clock: %s missing.', Marked::hour($named), Marked::minute($to.(1 === $to ? ' minute' : ' minutes')).(1 === $to ? ' is' : ' are')), $picture(0)),
            new Step(\sprintf('Count back from 60: 60 − %d = %s.', $to, Marked::minute(60 - $to)), $picture(-$to, 60 - $to)),
            new Step(\sprintf('The hour is still %s, the one before %s.', Marked::hour($time->hour12()), Marked::hour($named)), $picture(-$to)),
            new Step(\sprintf('Write: %s.', $writer->answer($answer)), $picture(-$to)),
        ], $answer);
    }
}
