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
        $worked = $this->bench->work($typed, $style);
        $sum = $style->states($this->reader->read($typed)->sum);
        $clock = $this->clock($sum);

        return new BoardSum(
            $worked,
            $clock,
            null === $clock ? [] : array_map(static fn (WorkedMethod $m): array => self::moments($m, $clock), $worked->methods),
            null === $worked->answer ? null : Telling::of($typed, $sum),
        );
    }

    private function clock(Sum $sum): ?BoardClock
    {
        $plain = $sum->plain();
        $way = $plain->way();
        if (null !== $way) {
            return new BoardClock($way->begins(), $way->ends(), $way->halfSaid(), $way->by24(), Unknown::End === $plain->asks());
        }
        // a time that is to be written in another way: the clock stands at it
        $time = 1 === \count($plain->times()) && [] === $plain->readings() ? $plain->times()[0] : null;

        return null === $time ? null : new BoardClock($time->minutes, $time->minutes, $time->halfSaid, ClockForm::TwentyFour === $time->form, false);
    }

    /** @return list<int> a method that does not go along the clock stays at the start and is at the end with its last step */
    private static function moments(WorkedMethod $method, BoardClock $clock): array
    {
        $last = \count($method->steps) - 1;
        $at = $clock->from;

        return array_map(static function (Step $step, int $i) use (&$at, $last, $clock): int {
            return $at = $step->at ?? ($i === $last ? $clock->to : $at);
        }, $method->steps, array_keys($method->steps));
    }
}
