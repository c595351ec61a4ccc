<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Method\Step;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;

/** Puts a sum on the board: worked, with the clock's place at every step of every method. */
final readonly class Board
{
    public function __construct(private Workbench $bench, private SumReader $reader)
    {
    }

    /**
     * @param string $typed one sum, in any of the usual forms
     *
     * @throws NotUnderstood when it cannot be read, or has no answer
     */
    public function show(string $typed, Style $style = new Style()): BoardSum
    {
        $read = $this->reader->read($typed);
        $worked = $this->bench->workRead($read, $typed, $style);
        $sum = $style->states($read->sum);
        $clock = $this->clock($sum);

        return new BoardSum(
            $worked,
            $clock,
            null === $clock ? [] : array_map(static fn (WorkedMethod $m): array => self::moments($m, $clock), $worked->methods),
            null === $worked->answer ? null : InWords::asked($typed, $sum),
        );
    }

    private function clock(Sum $sum): ?BoardClock
    {
        $plain = $sum->plain();
        $way = $plain->way();
        if (null !== $way) {
            $second = static fn (StatedTime $time): int|float => null === $time->second ? 0 : $time->second / 60;

            return new BoardClock($way->begins() + $second($way->start), $way->ends() + $second($way->end), $way->halfSaid(), $way->by24(), Unknown::End === $plain->asks(), null !== $way->start->second);
        }
        // a time that is to be written in another way: the clock stands at it
        $time = 1 === \count($plain->times()) && [] === $plain->readings() ? $plain->times()[0] : null;

        $at = null === $time?->second ? $time?->minutes : $time->inSeconds() / 60;

        return null === $time || null === $at ? null : new BoardClock($at, $at, $time->halfSaid, ClockForm::TwentyFour === $time->form, false, null !== $time->second);
    }

    /** @return list<int|float> a method that does not go along the clock stays at the start and is at the end with its last step */
    private static function moments(WorkedMethod $method, BoardClock $clock): array
    {
        $last = \count($method->steps) - 1;
        $at = $clock->from;

        return array_map(static function (Step $step, int $i) use (&$at, $last, $clock): int|float {
            return $at = $step->at ?? ($i === $last ? $clock->to : $at);
        }, $method->steps, array_keys($method->steps));
    }
}
