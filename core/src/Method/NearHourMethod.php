<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Unit;

/** Adds or takes whole hours and puts the difference right: 1 h 55 min is 2 h less 5 min. For 50 to 59 and 1 to 10 minutes. */
final class NearHourMethod implements Method
{
    public function id(): string
    {
        return 'near-hour';
    }

    public function title(): string
    {
        return 'Near the hour';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $length = $this->length($sum);
        // 5 min + 55 min: together they are the hour itself
        if (null === $length || ($sum instanceof Total && 0 === $sum->answer()->amount->duration->minutes() % 60)) {
            return null;
        }
        [$whole, $off] = $this->near($length);
        $text = Writer::plain($writer->style)->minutes($length);

        // offered, not recommended, where regrouping is what the lesson is about
        $best = $sum instanceof ClockMove ? 82 : 60;

        return $off > 0
            ? new Suit($best, \sprintf('%s is only %d min less than %d h.', $text, $off, $whole))
            : new Suit(45, \sprintf('%s is only %d min more than %d h.', $text, -$off, $whole));
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        $length = $this->length($sum) ?? throw new \LogicException('No part of this sum is near a whole hour.');
        [$whole, $off] = $this->near($length);
        $lines = new WrittenWorking();
        $lines->add(\sprintf('%s = %s %s %s', $writer->minutes($length), $writer->minutes($whole * 60), $off > 0 ? '−' : '+', $writer->minutes(abs($off))), \sprintf(
            '%s is %s %s %s.',
            $writer->minutes($length),
            $writer->minutes($whole * 60),
            $off > 0 ? 'less' : 'and',
            $writer->minutes(abs($off)),
        ));
        $adds = !$sum instanceof Difference && (!$sum instanceof ClockMove || $sum->direction() > 0);
        $way = $adds ? 1 : -1;
        $first = $adds ? '+' : '−';
        $second = ($off > 0) === $adds ? '−' : '+';
        if ($sum instanceof ClockMove) {
            $far = $sum->start->moved($way * $whole * 60);
            $answer = new TimeAnswer($sum->start->moved($way * $length), $sum->start->daysMoved($way * $length));
            $lines->add(\sprintf('%s %s %s = %s', $writer->time($sum->start), $first, $writer->minutes($whole * 60), $writer->time($far)), at: $sum->start->minutes + $way * $whole * 60);
            $lines->add(
                \sprintf('%s %s %s = %s', $writer->time($far), $second, $writer->minutes(abs($off)), $writer->answer($answer)),
                match (true) {
                    $off > 0 && $adds => \sprintf('That is %s too far, so go back %1$s: %s.', $writer->minutes($off), $writer->answer($answer)),
                    $off > 0 => \sprintf('That is %s too far back, so go on %1$s: %s.', $writer->minutes($off), $writer->answer($answer)),
                    default => \sprintf('%s %s more: %s.', $adds ? 'Add' : 'Take', $writer->minutes(-$off), $writer->answer($answer)),
                },
                $sum->start->minutes + $way * $length,
            );

            return $lines->working($this, $answer);
        }
        $other = $sum instanceof Difference ? $this->minutes($sum->from) : ($sum instanceof Total ? $this->other($sum, $length) : 0);
        if ($sum instanceof Difference && $other < $length) {
            throw CannotBeDone::takesMoreThanThereIs('3 h - 2 h');
        }
        $far = $other + $way * $whole * 60;
        $answer = new LengthAnswer(Amount::minutes($far - $way * $off));
        if ($far < 0) {
            // 2 h 58 min - 2 h 55 min: three whole hours cannot be taken, so put right first
            $lines->add(\sprintf('%s + %s = %s', $writer->minutes($other), $writer->minutes($off), $writer->minutes($other + $off)));
            $lines->add(\sprintf('%s − %s = %s', $writer->minutes($other + $off), $writer->minutes($whole * 60), $writer->answer($answer)));
        } else {
            $lines->add(\sprintf('%s %s %s = %s', $writer->minutes($other), $first, $writer->minutes($whole * 60), $writer->minutes($far)));
            $lines->add(\sprintf('%s %s %s = %s', $writer->minutes($far), $second, $writer->minutes(abs($off)), $writer->answer($answer)));
        }

        return $lines->working($this, $answer);
    }

    /** The length, in minutes, that is near a whole hour and is added or taken; null where there is none. */
    private function length(Sum $sum): ?int
    {
        $candidates = match (true) {
            $sum instanceof ClockMove => [$sum->length],
            $sum instanceof Difference => $this->inHours($sum->from) ? [$sum->take] : [],
            $sum instanceof Total => 2 === \count($sum->addends) && $this->inHours($sum->addends[0]) && $this->inHours($sum->addends[1]) ? array_reverse($sum->addends) : [],
            default => [],
        };
        $best = null;
        foreach ($candidates as $amount) {
            if (!$this->inHours($amount)) {
                continue;
            }
            $minutes = $this->minutes($amount);
            $over = $minutes % 60;
            // just over an hour is worth it only with an hour to go by
            if ($over >= 50 || ($over >= 1 && $over <= 10 && $minutes > 60)) {
                $best = null === $best || ($over >= 50 && $best % 60 < 50) ? $minutes : $best;
            }
        }

        return $best;
    }

    /** @return array{int, int} whole hours, and by how many minutes they are too many (negative: too few) */
    private function near(int $minutes): array
    {
        $whole = (int) round($minutes / 60);

        return [$whole, $whole * 60 - $minutes];
    }

    private function other(Total $sum, int $length): int
    {
        [$a, $b] = [$this->minutes($sum->addends[0]), isset($sum->addends[1]) ? $this->minutes($sum->addends[1]) : 0];

        return $b === $length ? $a : $b;
    }

    private function minutes(Amount $amount): int
    {
        return $amount->duration->minutes();
    }

    private function inHours(Amount $amount): bool
    {
        foreach ($amount->parts as $part) {
            if (Unit::Hour !== $part->unit && Unit::Minute !== $part->unit) {
                return false;
            }
        }

        return true;
    }
}
