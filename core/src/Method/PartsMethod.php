<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** Hours with hours, minutes with minutes, then join; the minutes are converted when they reach 60. */
final class PartsMethod implements Method
{
    public function id(): string
    {
        return 'parts';
    }

    public function title(): string
    {
        return 'In parts';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        if ($sum instanceof Total) {
            return $sum->regroups()
                ? new Suit(65, 'Add each unit on its own, and then see which has become too many.')
                : new Suit(90, $this->because($sum));
        }
        if ($sum instanceof Product) {
            return new Suit(80, 1 === \count($sum->length->parts) ? 'One unit alone is multiplied like any number.' : 'Multiply each unit on its own, then put them together.');
        }
        if ($sum instanceof Later && $sum->minutes() >= 60) {
            return new Suit($sum->regroups() ? 35 : 60, 'Add hours to hours and minutes to minutes.');
        }

        return null;
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof Total => $this->together($sum->addends, 1, $writer),
            $sum instanceof Product => $this->together([$sum->length], $sum->times, $writer),
            $sum instanceof Later => $this->later($sum, $writer),
            default => throw new \LogicException('Parts are not for this kind of sum.'),
        };
    }

    /** @param non-empty-list<Amount> $amounts */
    private function together(array $amounts, int $times, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $largest = $amounts[0]->largest();
        $sizes = [];
        foreach ($amounts as $amount) {
            $largest = $amount->largest()->size() > $largest->size() ? $amount->largest() : $largest;
            foreach ($amount->parts as $part) {
                $sizes[$part->unit->size()] = $part->unit;
            }
        }
        krsort($sizes);
        $regroups = [] !== array_filter($sizes, fn (Unit $unit): bool => $this->isTooMany($unit, $this->counted($amounts, $unit) * $times, $largest));
        if ($writer->style->minutesFirst || $regroups) {
            // what may become too many comes first
            ksort($sizes);
        }
        $this->look($lines, $amounts, $times, $sizes, $regroups);
        $count = 0;
        foreach ($sizes as $unit) {
            $numbers = [];
            foreach ($amounts as $amount) {
                if (0 !== $amount->number($unit)) {
                    $numbers[] = $amount->number($unit);
                }
            }
            $sum = array_sum($numbers) * $times;
            $written = static fn (int $n): string => Marked::unit($unit, $n.' '.$unit->after($n));
            $terms = implode(' + ', array_map($written, $numbers));
            $left = 1 === $times ? $terms : $times.' '.$writer->times().' '.('' === $terms ? $written(0) : $terms);
            $lines->add(
                \count($numbers) > 1 || 1 !== $times ? $left.' = '.$written($sum) : $written($sum),
                Marked::unit($unit, ucfirst($unit->words())).': '.(\count($numbers) > 1 || 1 !== $times ? $left.' = '.$written($sum) : $written($sum)).'.',
            );
            $count += $sum * $unit->size();
            $larger = $unit->larger();
            if (null !== $larger && $this->isTooMany($unit, $sum, $largest)) {
                $converted = Amount::in(Duration::of($sum * $unit->size(), $unit->chain()), $larger, $unit);
                $lines->add($written($sum).' = '.$writer->amount($converted), \sprintf(
                    '%d is %d or more: %s is %s.',
                    $sum,
                    $unit->perLarger(),
                    $written($sum),
                    $writer->amount($converted),
                ));
            }
        }
        $answer = new LengthAnswer(Amount::usual(Duration::of($count, $largest->chain()), $largest));
        $lines->add($writer->answer($answer), (\count($sizes) > 1 ? 'Put them together: ' : 'The answer is ').$writer->answer($answer).'.');

        return $lines->working($this, $answer);
    }

    /** @param list<Amount> $amounts */
    private function counted(array $amounts, Unit $unit): int
    {
        return array_sum(array_map(static fn (Amount $amount): int => $amount->number($unit), $amounts));
    }

    /** Whether so many of a unit make one or more of the next larger that the sum has. */
    private function isTooMany(Unit $unit, int $n, Unit $largest): bool
    {
        return $unit->perLarger() > 0 && $n >= $unit->perLarger() && null !== $unit->larger() && ($unit->size() < $largest->size() || $unit->size() < Unit::Hour->size() || Unit::Month === $unit);
    }

    /**
     * Before anything is added one looks at the minutes: do they regroup? That decides what comes first.
     *
     * @param list<Amount>     $amounts
     * @param array<int, Unit> $sizes
     */
    private function look(WrittenWorking $lines, array $amounts, int $times, array $sizes, bool $regroups): void
    {
        $minutes = array_values(array_filter(array_map(static fn (Amount $amount): int => $amount->number(Unit::Minute), $amounts), static fn (int $n): bool => $n > 0));
        if (1 !== $times || \count($minutes) < 2 || !\in_array(Unit::Hour, $sizes, true)) {
            return;
        }
        $lines->add('', \sprintf(
            'Look at the minutes first: do %s make 60 or more? %s',
            self::listed($minutes),
            $regroups ? 'Yes: they regroup, so they come first.' : 'No: hours and minutes can be added apart.',
        ));
    }

    private function later(Later $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        $open = !$sum->start->halfSaid;
        $time = $sum->start->time();
        $hour = $open ? $time->hour12() : $time->hour();
        $addHours = intdiv($sum->minutes(), 60);
        $addMinutes = $sum->minutes() % 60;
        $hours = $hour + $addHours;
        $minutes = $time->minute() + $addMinutes;
        if (!$open && $writer->clock($sum->start) !== $writer->clock($sum->start->as24())) {
            $lines->add($writer->time($sum->start).' = '.$writer->clock($sum->start->as24()), 'By the 24-hour clock, '.$writer->time($sum->start).' is '.$writer->clock($sum->start->as24()).'.');
        }
        $regroups = $minutes >= 60;
        $carried = $regroups ? 1 : 0;
        $inMinutes = [\sprintf('%s + %s = %s', Marked::minute($time->minute()), Marked::minute($addMinutes), Marked::minute($minutes)), \sprintf('%s: %d + %d = %d.', Marked::minute('Minutes'), $time->minute(), $addMinutes, $minutes)];
        $hours += $carried;
        $inHours = [
            \sprintf('%s + %s%s = %s', Marked::hour($hour), Marked::hour($addHours), $regroups ? ' + '.Marked::hour(1) : '', Marked::hour($hours)),
            \sprintf('%s: %d + %d%s = %d.', Marked::hour('Hours'), $hour, $addHours, $regroups ? ' + 1' : '', $hours),
        ];
        if ($regroups) {
            // minutes that regroup come first, and the hours have one more
            $lines->add(...$inMinutes);
            $minutes -= 60;
            $lines->add(\sprintf('%s = %s %s', Marked::minute(($minutes + 60).' min'), Marked::hour('1 h'), Marked::minute($minutes.' min')), \sprintf('%d is 60 or more: %s is %s %s.', $minutes + 60, Marked::minute(($minutes + 60).' min'), Marked::hour('1 h'), Marked::minute($minutes.' min')));
            $lines->add(...$inHours);
        } else {
            foreach ($writer->style->minutesFirst ? [$inMinutes, $inHours] : [$inHours, $inMinutes] as [$line, $say]) {
                $lines->add($line, $say);
            }
        }
        $turn = $open ? 12 : 24;
        $lowest = $open ? 1 : 0;
        $over = $hours >= $turn + $lowest ? intdiv($hours - $lowest, $turn) * $turn : 0;
        if ($over > 0) {
            $lines->add(\sprintf('%s − %s = %s', Marked::hour($hours), Marked::hour($over), Marked::hour($hours - $over)), \sprintf('%s, so take %d away: %d − %2$d = %d.', $open ? 'After 12 the clock begins again' : 'A day has only 24 hours', $over, $hours, $hours - $over));
        }
        $reached = $sum->start->moved(($hours - $over - $hour) * 60 + $minutes - $time->minute());
        $answer = new TimeAnswer($reached, $open ? 0 : intdiv($over, 24));
        $lines->add($writer->answer($answer), 'The answer is '.$writer->answer($answer).'.');

        return $lines->working($this, $answer);
    }

    /** @param list<int> $numbers "25, 10 and 5" */
    public static function listed(array $numbers): string
    {
        $last = array_pop($numbers);

        return [] === $numbers ? (string) $last : implode(', ', $numbers).' and '.$last;
    }

    private function because(Total $sum): string
    {
        $minutes = array_values(array_filter(array_map(static fn (Amount $a): int => $a->number(Unit::Minute), $sum->addends), static fn (int $n): bool => 0 !== $n));

        $has = static fn (Unit $unit): bool => [] !== array_filter($sum->addends, static fn (Amount $a): bool => 0 !== $a->number($unit));

        return \count($minutes) > 1 && !$has(Unit::Second)
            ? \sprintf('%s make less than 60: nothing to regroup%s.', self::listed($minutes), $has(Unit::Hour) ? ', so hours and minutes can be added separately' : '')
            : 'Nothing has to be regrouped: add each unit on its own.';
    }
}
