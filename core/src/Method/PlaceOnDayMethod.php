<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\DayPicture;
use Rostik\Core\Picture\DayPin;
use Rostik\Core\Picture\DayStrip;
use Rostik\Core\Picture\PinRole;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeComparison;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** Pins times on the line of the day and reads it from left to right. For order, and for a.m. and p.m. */
final class PlaceOnDayMethod implements Method
{
    public function id(): string
    {
        return 'place-on-day';
    }

    public function title(): string
    {
        return 'On the day line';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof Order && [] !== $sum->times && !self::toTheSecond($sum) => new Suit(80, 'On the day line the times stand in their order by themselves.'),
            $sum instanceof TimeComparison && !self::toTheSecond($sum) => new Suit(80, 'On the day line the earlier one stands further to the left.'),
            $sum instanceof Rewrite && $sum->time->halfSaid && TimeForm::Words !== $sum->as => new Suit(70, 'On the day line you see which half of the day it is.'),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof Order => $this->order($sum, $writer),
            $sum instanceof TimeComparison => $this->compared($sum, $writer),
            $sum instanceof Rewrite => $this->rewrite($sum, $writer),
            default => throw new \LogicException('The day line is for times of day.'),
        };
    }

    /** On the day line seconds cannot be told apart. */
    private static function toTheSecond(Sum $sum): bool
    {
        return [] !== array_filter($sum->times(), static fn (StatedTime $t): bool => null !== $t->second);
    }

    private function order(Order $sum, Writer $writer): Working
    {
        $pins = [];
        $steps = [];
        foreach ($sum->times as $i => $time) {
            [$pins, $steps] = $this->pinned($time, $i, $pins, $steps, $writer);
        }
        // the pins as they stand on the line
        $answer = new OrderAnswer($sum, $sum->arranged(array_map(static fn (DayPin $p): int => $p->at, $pins)));
        $steps[] = new Step(($sum->descends ? 'Latest first, so read from right to left: ' : 'Read from left to right: ').$writer->answer($answer).'.', new DayPicture(new DayStrip($pins, [])));

        return new Working($this, $steps, $answer);
    }

    /**
     * One time more on the day line.
     *
     * @param list<DayPin> $pins
     * @param list<Step>   $steps
     *
     * @return array{non-empty-list<DayPin>, non-empty-list<Step>}
     */
    private function pinned(StatedTime $time, int $i, array $pins, array $steps, Writer $writer): array
    {
        $pins[] = new DayPin($time->minutes, $writer->time($time), PinRole::Time);
        $where = match (true) {
            !$time->halfSaid => '',
            0 === $time->minutes => ', at its very beginning',
            720 === $time->minutes => ', in the middle',
            default => $time->minutes < 720 ? ', before noon' : ', after noon',
        };
        $steps[] = new Step(\sprintf('Pin %s on the day line%s.', $writer->time($time), $where), new DayPicture(new DayStrip($pins, [])));

        return [$pins, $steps];
    }

    private function compared(TimeComparison $sum, Writer $writer): Working
    {
        [$pins, $steps] = $this->pinned($sum->left, 0, [], [], $writer);
        [$both, $steps] = $this->pinned($sum->right, 1, $pins, $steps, $writer);
        // as they stand on the line
        $answer = SignAnswer::between($both[0]->at, $both[\count($both) - 1]->at, true);
        $where = match ($answer->sign) {
            '<' => 'further to the left: it is earlier.',
            '>' => 'further to the right: it is later.',
            '=' => 'at the same place: it is the same time.',
        };
        $steps[] = new Step($writer->time($sum->left).' stands '.$where, new DayPicture(new DayStrip($both, [])));

        return new Working($this, $steps, $answer);
    }

    private function rewrite(Rewrite $sum, Writer $writer): Working
    {
        $writer = $writer->eachInItsForm();
        $time = $sum->time->time();
        $picture = new DayPicture(new DayStrip([new DayPin($time->minutes, $writer->time($sum->time), PinRole::Start)], []));
        $answer = new RewriteAnswer(match ($sum->as) {
            TimeForm::TwentyFour => StatedTime::of($time, ClockForm::TwentyFour)->toTheSecond($sum->time->second),
            TimeForm::Digital => $sum->time,
            default => StatedTime::of($time)->toTheSecond($sum->time->second),
        }, $sum->as);
        $steps = [new Step(
            \sprintf('Pin %s on the day line: it is %s.', $writer->time($sum->time), match (true) {
                0 === $time->minutes => 'the very beginning of the day',
                720 === $time->minutes => 'noon itself',
                default => $time->minutes < 720 ? 'before noon'.$writer->andHalf(HalfOfDay::Am) : 'after noon'.$writer->andHalf(HalfOfDay::Pm),
            }),
            $picture,
        )];
        $hour = $time->hour();
        if (TimeForm::TwentyFour === $sum->as) {
            $steps[] = new Step(match (true) {
                0 === $hour => 'In the first hour of the day the 24-hour clock writes 00, not 12.',
                12 === $hour => 'From noon to 1 the 12 stays 12.',
                $hour > 12 => \sprintf('From 1 %s on, add 12 hours: %d + 12 = %d.', $writer->half(HalfOfDay::Pm), $hour - 12, $hour),
                default => 'In the morning the hour stays as it is, with two digits.',
            }, $picture);
        } elseif (TimeForm::Twelve === $sum->as) {
            $steps[] = new Step(match (true) {
                0 === $hour => '00 is the first hour after midnight: 12 '.$writer->half(HalfOfDay::Am).'.',
                12 === $hour => 'From noon to 1 the 12 stays 12: '.$writer->half(HalfOfDay::Pm).'.',
                $hour > 12 => \sprintf('Take 12 hours off: %d − 12 = %d, %s.', $hour, $hour - 12, $writer->half(HalfOfDay::Pm)),
                default => 'In the morning the hour stays as it is: '.$writer->half(HalfOfDay::Am).'.',
            }, $picture);
        }
        $steps[] = new Step(\sprintf('Write it: %s.', $writer->answer($answer)), $picture);

        return new Working($this, $steps, $answer);
    }
}
