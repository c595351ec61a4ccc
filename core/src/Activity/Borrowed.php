<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimesAnswer;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\StatedTime;

/** The numbers of a sheet, for a game that is played with them: what its sums give, and what they come to. */
final readonly class Borrowed
{
    /** With fewer of a kind it is not a game with these numbers. */
    public const LEAST = 3;

    private const DAY = 1440;

    /**
     * @param list<int>             $times   minutes of the day, all different
     * @param list<int>             $lengths minutes, 1 to 1439, all different
     * @param list<array{int, int}> $sums    two lengths in minutes that are added to one another
     */
    private function __construct(public array $times = [], public array $lengths = [], public array $sums = [])
    {
    }

    public static function nothing(): self
    {
        return new self();
    }

    public static function ofSums(Sum ...$sums): self
    {
        $times = $lengths = $added = [];
        foreach ($sums as $sum) {
            try {
                $answer = $sum->answer();
            } catch (CannotBeDone) {
                $answer = null;
            }
            foreach ([...$sum->times(), ...self::timesOf($answer)] as $time) {
                $times[$time->minutes] = $time->minutes;
            }
            foreach (self::inMinutes(...$sum->lengths(), ...($answer instanceof LengthAnswer ? [$answer->amount] : [])) as $minutes) {
                $lengths[$minutes] = $minutes;
            }
            if ($sum instanceof Total || $sum instanceof Difference) {
                $two = self::inMinutes(...$sum->lengths());
                if (2 === \count($two)) {
                    // what is taken away and what is left make up the whole
                    $added[] = $sum instanceof Total ? $two : [$two[1], $two[0] - $two[1]];
                }
            }
        }

        return new self(array_values($times), array_values($lengths), $added);
    }

    /** Whether there is enough for what a game takes. */
    public function isEnoughOf(Borrows $what): bool
    {
        return \count(match ($what) {
            Borrows::Times => $this->times,
            Borrows::Lengths => $this->lengths,
            Borrows::Sums => $this->sums,
        }) >= self::LEAST;
    }

    /** @return list<StatedTime> */
    private static function timesOf(?Answer $answer): array
    {
        return match (true) {
            $answer instanceof TimeAnswer => [$answer->time],
            $answer instanceof TimesAnswer => $answer->times,
            default => [],
        };
    }

    /** @return list<int> those that are whole minutes, and less than a day */
    private static function inMinutes(Amount ...$amounts): array
    {
        $all = [];
        foreach ($amounts as $amount) {
            $length = $amount->duration;
            if (Chain::Clock === $length->chain && $length->isWholeMinutes() && $length->minutes() > 0 && $length->minutes() < self::DAY) {
                $all[] = $length->minutes();
            }
        }

        return $all;
    }
}
