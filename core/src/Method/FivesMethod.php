<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ClockPicture;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/** Counts fives round the clock face, then ones: up to 60 minutes, or to the minute hand when a clock is read. */
final class FivesMethod implements Method
{
    public function id(): string
    {
        return 'fives';
    }

    public function title(): string
    {
        return 'Count fives';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        if ($sum instanceof Rewrite) {
            return TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form
                ? new Suit(70, 'On the clock: the hour that the hour hand has left behind, then fives to the minute hand.')
                : null;
        }
        $minutes = $this->minutes($sum);
        if (null === $minutes || $minutes < 1 || $minutes > 60) {
            return null;
        }

        $fives = intdiv($minutes, 5);
        $said = 1 === $fives ? 'one five' : $fives.' fives';

        return match (true) {
            60 === $minutes => new Suit(25, 'An hour is one whole round: the minutes stay, and the hour moves by one.'),
            0 === $minutes % 5 => new Suit(75, \sprintf('%d min is %s: count %s round the clock.', $minutes, $said, 1 === $fives ? 'it' : 'them')),
            0 === $fives => new Suit(30, \sprintf('%d min: count single minutes round the clock.', $minutes)),
            default => new Suit(30, \sprintf('%d min is %s and %d more.', $minutes, $said, $minutes % 5)),
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        if ($sum instanceof Rewrite) {
            return $this->read($sum, $writer);
        }
        $minutes = $this->minutes($sum) ?? throw new \LogicException('Counting fives is for up to 60 minutes on the clock.');
        [$start, $way] = match (true) {
            $sum instanceof ClockMove => [$sum->start, $sum->direction()],
            $sum instanceof Elapsed => [$sum->start, 1],
            default => throw new \LogicException('Counting fives is for the clock.'),
        };
        $from = $start->minutes % 60;
        $stops = [];
        $changed = static fn (int $done): ?Changed => $sum instanceof ClockMove ? Changed::between($sum, 0, $done, $writer) : null;
        $picture = static function (int $done) use ($start, $way, $from, &$stops, $writer): ClockPicture {
            return new ClockPicture($start->moved($way * $done)->minutes % 720, $from, $way * $done, $stops, $writer->style->separator->value);
        };
        $steps = [new Step(
            \sprintf('Start at %s: the minute hand is at %s.', $writer->time($start), Marked::minute($from)),
            $picture(0),
            $changed(0),
            $start->minutes,
        )];
        $fives = intdiv($minutes, 5);
        $said = [];
        $done = 0;
        for ($i = 1; $i <= $fives; ++$i) {
            $before = $start->moved($way * $done);
            $done += 5;
            $here = $start->moved($way * $done);
            $stops[] = $here->minutes % 60;
            $said[] = (string) $done;
            $passes = $this->passesTwelve($before, $here, $way);
            if ($passes || $i === $fives || 0 === $i % 6) {
                $steps[] = new Step(
                    implode(', ', $said).($passes ? $this->pastTwelve($here, $writer) : '').'. The clock shows '.$writer->clock($here).'.',
                    $picture($done),
                    $changed($done),
                    $start->minutes + $way * $done,
                );
                $said = [];
            }
        }
        if ($done < $minutes) {
            $before = $start->moved($way * $done);
            $ones = range($done + 1, $minutes);
            $done = $minutes;
            $here = $start->moved($way * $done);
            $stops[] = $here->minutes % 60;
            $steps[] = new Step(
                (1 === \count($ones) ? 'One more minute: ' : 'Now single minutes: ').implode(', ', $ones).($this->passesTwelve($before, $here, $way) ? $this->pastTwelve($here, $writer) : '').'. The clock shows '.$writer->clock($here).'.',
                $picture($done),
                $changed($done),
                $start->minutes + $way * $done,
            );
        }
        $answer = $sum instanceof ClockMove
            ? new TimeAnswer($start->moved($way * $done), $start->daysMoved($way * $done))
            : new LengthAnswer(Amount::minutes($done));
        $steps[] = new Step('The answer is '.$writer->answer($answer).'.', $picture($done), $changed($done), $start->minutes + $way * $done);

        return new Working($this, $steps, $answer);
    }

    /** Reads a clock: the hour hand first, then fives and ones to the minute hand. */
    private function read(Rewrite $sum, Writer $writer): Working
    {
        $time = $sum->time->time();
        $minute = $time->minute();
        $hour = Marked::hour($time->hour12());
        $picture = static fn (int $counted, int ...$stops): ClockPicture => new ClockPicture($time->minutes % 720, 0, $counted, array_values($stops), $writer->style->separator->value, $sum->time->second);
        $steps = [new Step(
            match (true) {
                0 === $minute => \sprintf('The hour hand points straight at %s.', $hour),
                $minute < 30 => \sprintf('The hour hand has left %s behind: that is the hour.', $hour),
                default => \sprintf('The hour hand has passed %s and is not yet at %s: the hour is %s.', $hour, Marked::hour($time->hour12() % 12 + 1), $hour),
            },
            $picture(0),
        )];
        $fives = $minute < 5 ? [] : array_map(static fn (int $n): int => 5 * $n, range(1, intdiv($minute, 5)));
        if ([] !== $fives) {
            $numeral = \count($fives);
            $steps[] = new Step(
                $writer->style->timesFive
                    ? \sprintf('The minute hand %s the %d: 5 × %2$d = %s.', 0 === $minute % 5 ? 'is at' : 'has passed', $numeral, Marked::minute(5 * $numeral))
                    : 'Count fives from the 12 to the minute hand: '.implode(', ', $fives).'.',
                $picture(max($fives), ...$fives),
            );
        }
        if (0 !== $minute % 5) {
            $ones = range($minute - $minute % 5 + 1, $minute);
            $steps[] = new Step(([] === $fives ? 'Count single minutes from the 12: ' : (1 === \count($ones) ? 'One more minute: ' : 'Now single minutes: ')).implode(', ', $ones).'.', $picture($minute, ...$fives, ...[$minute]));
        }
        if (0 === $minute) {
            $steps[] = new Step('The minute hand is at 12: no minutes, o’clock.', $picture(0));
        }
        $second = $sum->time->second;
        if (null !== $second) {
            $steps[] = new Step(match (true) {
                0 === $second => 'The second hand is at 12: no seconds.',
                $second < 5 => 'The second hand counts like the minute hand: '.Marked::unit(Unit::Second, implode(', ', range(1, $second))).'.',
                $writer->style->timesFive => \sprintf(
                    'The second hand %s the %d: 5 × %2$d = %s.',
                    0 === $second % 5 ? 'is at' : 'has passed',
                    intdiv($second, 5),
                    Marked::unit(Unit::Second, implode(', ', range($second - $second % 5, $second))),
                ),
                default => \sprintf('Count fives to the second hand, too: %s.', Marked::unit(Unit::Second, implode(', ', [...range(5, $second - $second % 5, 5), ...(0 === $second % 5 ? [] : range($second - $second % 5 + 1, $second))]))),
            }, $picture($minute));
        }
        $answer = new RewriteAnswer($sum->time, TimeForm::Digital);
        $steps[] = new Step(\sprintf(null === $second ? 'The hour, %1$s, the minutes in two places: %2$s.' : 'The hour, %1$s, the minutes in two places, %1$s, the seconds in two places: %2$s.', $writer->separator($sum->time)->said(), $writer->answer($answer)), $picture($minute));

        return new Working($this, $steps, $answer);
    }

    private function minutes(Sum $sum): ?int
    {
        return match (true) {
            $sum instanceof ClockMove => $sum->minutes(),
            $sum instanceof Elapsed => $sum->start->halfSaid && $sum->end->halfSaid ? $sum->minutes() : null,
            default => null,
        };
    }

    private function pastTwelve(StatedTime $here, Writer $writer): string
    {
        // the hour as the sum's own clock writes it
        [$hour] = explode(':', Marked::plain($writer->clock($here)));

        return \sprintf(': %s the 12, so the hour becomes %s', 0 === $here->minutes % 60 ? 'at' : 'past', Marked::hour(explode('.', $hour)[0]));
    }

    private function passesTwelve(StatedTime $before, StatedTime $here, int $way): bool
    {
        return $way > 0
            ? $here->minutes % 60 < $before->minutes % 60
            : $here->minutes % 60 > $before->minutes % 60;
    }
}
