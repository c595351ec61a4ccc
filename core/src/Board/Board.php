<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Method\Step;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\SetOutPicture;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Unknown;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Work\Understanding;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedSum;

/** Puts a sum on the board: worked, with the clock's place at every step of every method. */
final readonly class Board
{
    public function __construct(private Workbench $bench, private Understanding $understanding)
    {
    }

    /**
     * @param string                $typed one sum, in any of the usual forms, or a problem in words
     * @param array<string, string> $own   ids of the class's own methods, by kind of sum
     *
     * @throws NotUnderstood when it cannot be read, or has no answer
     */
    public function show(string $typed, Style $style = new Style(), array $own = []): BoardSum
    {
        $understood = $this->understanding->of($typed);
        $worked = $this->bench->workRead($understood, $typed, $style, $own);
        $sum = $style->states($understood->read->sum);
        $clock = $this->clock($sum);
        $withheld = null === $worked->answer ? null : new Withholding($sum->answer(), $worked->shown, Writer::plain($style));

        return new BoardSum(
            null === $withheld ? $worked : $worked->in(array_map(
                static fn (WorkedMethod $m): WorkedMethod => new WorkedMethod($m->id, $m->title, $withheld->steps($m->steps), $m->answer),
                $worked->methods,
            )),
            $clock,
            null === $clock ? [] : array_map(static fn (WorkedMethod $m): array => self::moments($m, $clock), $worked->methods),
            $this->asked($worked, $typed, $sum),
        );
    }

    /** @return list<Asked> */
    private function asked(WorkedSum $worked, string $typed, Sum $sum): array
    {
        $setOut = $worked->setOut();
        if (null === $setOut) {
            $asked = null === $worked->answer || null !== $worked->told ? null : InWords::asked($typed, $sum);

            return null === $asked ? [] : [$asked];
        }
        $asked = [];
        foreach ($worked->methods[0]->steps ?? [] as $step => $shown) {
            $sums = $shown->picture instanceof SetOutPicture ? $shown->picture->sums : [];
            $part = $setOut->parts[\count($sums) - 1] ?? null;
            // the first step at which the operation of that sum stands there
            if (null !== $part && \count($asked) < \count($sums) && null !== $sums[\count($sums) - 1]->operation) {
                $asked[] = Asked::before($part->find, $part->operation, $part->because, $step);
            }
        }

        return $asked;
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
