<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\OrderAnswer;
use Rostik\Core\Sum\SignAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeComparison;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/**
 * Times compared from the large to the small: a.m. before p.m., then the hour, then the minutes, then the seconds. Common
 * practice, no source.
 */
final class HourThenMinutesMethod implements Method
{
    public function id(): string
    {
        return 'hour-then-minutes';
    }

    public function title(): string
    {
        return 'Hour, then minutes';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return ($sum instanceof Order && [] !== $sum->times) || $sum instanceof TimeComparison
            ? new Suit(60, 'Look at the half of the day first, then at the hour, then at the minutes.')
            : null;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof Order => $this->order($sum, $writer),
            $sum instanceof TimeComparison => $this->compare($sum, $writer),
            default => throw new \LogicException('Hour, then minutes, is for times of day.'),
        };
    }

    private function order(Order $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $looked = [
            'By the half of the day' => static fn (StatedTime $t): int => $t->halfSaid && $t->minutes >= 720 ? 1 : 0,
            'By the hour' => static fn (StatedTime $t): int => intdiv($t->minutes, 60),
            'Where the hour is the same, by the minutes' => static fn (StatedTime $t): int => $t->minutes,
            'Where the minutes are the same too, by the seconds' => static fn (StatedTime $t): int => $t->inSeconds(),
        ];
        $names = array_keys($looked);
        $names[0] = \sprintf('First %s, then %s', $writer->half(HalfOfDay::Am), $writer->half(HalfOfDay::Pm));
        $places = array_keys($sum->times);
        foreach (array_values($looked) as $n => $key) {
            $keys = array_map($key, $sum->times);
            $now = $sum->arranged($keys);
            // what was told apart before stays apart, and what tells nothing more apart is not said
            $apart = \count(array_unique($keys));
            if ($apart > 1 && ([] === $lines->written() || $now !== $places) && !(0 === $n && ($writer->style->always24 || [] === array_filter($sum->times, static fn (StatedTime $t): bool => ClockForm::Twelve === $t->form)))) {
                $lines->add(implode(', ', array_map(static fn (int $i): string => $writer->time($sum->times[$i]), $now)), \sprintf('%s: %s.', $names[$n], implode(', ', array_map(static fn (int $i): string => $writer->time($sum->times[$i]), $now))));
            }
            $places = $now;
        }
        $answer = new OrderAnswer($sum, $places);
        $lines->add('', ($sum->descends ? 'Latest first: ' : 'In order: ').$writer->answer($answer).'.');

        return $lines->working($this, $answer);
    }

    private function compare(TimeComparison $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        [$a, $b] = [$sum->left, $sum->right];
        $lines->add($writer->time($a).', '.$writer->time($b), \sprintf('Compare %s and %s.', $writer->time($a), $writer->time($b)));
        $answer = SignAnswer::between($a->inSeconds(), $b->inSeconds(), true);
        $lines->add($writer->time($a).' is '.$writer->answer($answer), match (true) {
            $a->halfSaid && $b->halfSaid && !$writer->style->always24 && ($a->minutes < 720) !== ($b->minutes < 720) => \sprintf('One is before noon, the other is not: the first is %s.', $writer->answer($answer)),
            intdiv($a->minutes, 60) !== intdiv($b->minutes, 60) => \sprintf('The hours differ, so they decide%s: the first is %s.', \in_array(12, [$a->time()->hour12(), $b->time()->hour12()], true) && !$writer->style->always24 && ClockForm::Twelve === $a->form && ClockForm::Twelve === $b->form ? ' (12 is the first hour of its half)' : '', $writer->answer($answer)),
            $a->minutes !== $b->minutes => \sprintf('The same hour: the minutes decide: the first is %s.', $writer->answer($answer)),
            $a->inSeconds() !== $b->inSeconds() => \sprintf('The same hour and minutes: the seconds decide: the first is %s.', $writer->answer($answer)),
            default => 'All is the same: it is the same time.',
        });

        return $lines->working($this, $answer);
    }
}
