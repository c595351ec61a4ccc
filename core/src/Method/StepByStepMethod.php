<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\ClockChain;
use Rostik\Core\Sum\InSteps;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\LengthChain;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimesAnswer;
use Rostik\Core\Time\StatedTime;

/** One step after another, each with a line of its own. For chains, and for times at equal distances. Common practice, no source. */
final readonly class StepByStepMethod implements Method
{
    public function __construct(private Forms $forms)
    {
    }

    public function id(): string
    {
        return 'step-by-step';
    }

    public function title(): string
    {
        return 'One step after another';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        return match (true) {
            $sum instanceof Series => new Suit(60, 'Each time is found from the one before it.'),
            $sum instanceof LengthChain => new Suit(75, \sprintf('There are %d steps: each begins with what the last one came to.', $sum->steps())),
            $sum instanceof InTurn => new Suit(70, \sprintf('There are %d sums: what one comes to is gone on with.', $sum->steps())),
            $sum instanceof ClockChain => new Suit(60, \sprintf('There are %d steps: each begins with what the last one came to.', $sum->steps())),
            default => null,
        };
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return $sum instanceof InSteps ? $this->inSteps($sum, $writer) : throw new \LogicException('One step after another is for sums of several steps.');
    }

    private function inSteps(InSteps $sum, Writer $writer): Working
    {
        $lines = new WrittenWorking();
        if ($sum instanceof LengthChain && $sum->addsFirst()) {
            $lines->add('', 'At first there would be too little to take from, so what is added comes first.');
        }
        $reached = null;
        $before = [];
        $times = $sum instanceof Series ? [$sum->start] : [];
        $at = null === $sum->way() ? null : ($sum->times()[0] ?? null)?->minutes;
        if ($sum instanceof Series) {
            $lines->add($writer->time($sum->start), \sprintf('The first is %s itself.', $writer->time($sum->start)), $at);
        }
        for ($i = 0; $i < $sum->steps(); ++$i) {
            $step = $sum->step($i, ...$before);
            $before[] = $reached = $step->answer();
            $at = null === $at ? null : $at + ($step->way()->minutes ?? 0);
            // the day is said with the answer, not step by step
            $lines->add($this->forms->write($step, $writer).' = '.($reached instanceof TimeAnswer ? $writer->time($reached->time) : $writer->answer($reached)), '', $at);
            if ($reached instanceof TimeAnswer) {
                $times[] = $reached->time;
            }
        }
        $answer = $this->concluded($sum, $reached, $times);
        $lines->add('', $sum instanceof Series ? 'The times are '.$writer->answer($answer).'.' : 'The answer is '.$writer->answer($answer).'.', $at);

        return $lines->working($this, $answer);
    }

    /** @param list<StatedTime> $times */
    private function concluded(InSteps $sum, ?Answer $reached, array $times): Answer
    {
        if ($sum instanceof Series) {
            return new TimesAnswer($times, $sum->days());
        }
        if ($sum instanceof ClockChain && $reached instanceof TimeAnswer) {
            // the day is that of all the steps together
            return new TimeAnswer($reached->time, $sum->start->daysMoved($sum->minutes()));
        }

        return $reached ?? throw new \LogicException('There are steps.');
    }
}
