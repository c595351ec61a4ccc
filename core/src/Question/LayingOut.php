<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Style;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WeekdayOf;

/** A question that is about to be laid out in a form of answer: what there is to know of it. */
final readonly class LayingOut
{
    /**
     * @param Sum            $sum     as its times are given
     * @param string         $wording may be empty
     * @param ?Working       $working in the method for which there is room; null where none applies
     * @param ?SetOutProblem $problem of the words; null where they tell none
     * @param bool           $tight   whether there is room for an answer and none to work
     * @param int            $seed    the same seed gives the same choices; it must never change for a sheet that has been printed
     */
    public function __construct(
        public Sum $sum,
        public Answer $answer,
        public string $wording,
        public TimesGiven $times,
        public Scaffold $scaffold,
        public ?Working $working,
        public int $seed,
        public Asking $asking,
        private Choices $choices,
        private Style $style,
        public bool $tight = false,
        public ?SetOutProblem $problem = null,
    ) {
    }

    /**
     * Answers to choose from.
     *
     * @return list<Choice> none where no usual mistake leads to another answer
     */
    public function choices(int $most): array
    {
        return $this->choices->for($this->sum, $most, $this->seed, $this->style, $this->wording);
    }

    /** Whether the question shows a clock that is to be read. */
    public function showsTheTime(): bool
    {
        return $this->asking->reads($this->sum);
    }

    /** Whether what is asked has a gap in it to write the answer in. */
    public function hasGap(): bool
    {
        return '' === $this->wording && str_contains($this->asking->question($this->sum, $this->times, false), '___');
    }

    /** Whether it is worked on paper: to put things in order, to compare, or to say what a clock shows, nothing is. */
    public function isWorked(): bool
    {
        return (\in_array($this->sum->plain()->answered(), [Answered::Time, Answered::Length, Answered::Date], true) || $this->readsACalendar()) && !$this->showsTheTime();
    }

    /** Whether a month page is to be read, without which there is no answer. */
    public function readsACalendar(): bool
    {
        return $this->sum instanceof WeekdayOf;
    }

    /** Room for working as it is drawn; null where nothing is, or where there is none. */
    public function room(bool $asked = false): ?Room
    {
        return $this->tight ? null : Room::forWorking($this->working, $this->scaffold, $asked);
    }
}
