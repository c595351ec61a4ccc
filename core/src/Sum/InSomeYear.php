<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;

/** A sum whose year may not be said: where February decides, it has a reading for leap years and one for the others. */
trait InSomeYear
{
    /** Whether the year is said. */
    abstract private function saysYear(): bool;

    /**
     * The same sum in a year.
     *
     * @throws NoSuchDate where that year has no such day
     */
    abstract private function inYear(int $year): self;

    /** @throws CannotBeDone when it has no answer in that year */
    abstract private function answerIn(int $year): Answer;

    /** @return list<Reading> */
    public function readings(): array
    {
        if ($this->saysYear()) {
            return [];
        }
        $readings = [];
        $texts = [];
        foreach ([[StatedDate::COMMON, \sprintf('if it is no leap year, as %d', StatedDate::COMMON)], [StatedDate::LEAP, \sprintf('if it is a leap year, as %d', StatedDate::LEAP)]] as [$year, $assumes]) {
            try {
                $answer = $this->answerIn($year);
                $readings[] = new Reading(Phrase::of($assumes), $this->inYear($year));
            } catch (CannotBeDone|NoSuchDate) {
                continue;
            }
            $texts[] = $this->without($answer);
        }

        return \count($readings) < 2 || $texts[0] === $texts[1] ? [] : $readings;
    }

    /** The answer with nothing in it that the year alone decides. */
    private function without(Answer $answer): string
    {
        return $answer instanceof DateAnswer ? substr($answer->value(), -5) : serialize($answer->value());
    }

    public function leavesOpen(): ?LeftOpen
    {
        return [] === $this->readings() ? null : LeftOpen::Year;
    }
}
