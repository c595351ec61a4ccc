<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Note;
use Rostik\Core\Picture\DayStrip;
use Rostik\Core\Problem\SetOut;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\Kind;

/** A sum with everything needed to show it: nothing more has to be computed to step through it. */
final readonly class WorkedSum
{
    /**
     * @param string              $sum      canonical text
     * @param string              $shown    the same as marked text
     * @param ?string             $solved   the solved sum as marked text, where it is not simply "sum = answer"
     * @param ?WorkedAnswer       $answer   null where it depends on what was not said
     * @param list<WorkedReading> $readings the ways in which it can be meant, where there is no one answer
     * @param list<Crossing>      $crosses  landmarks of the day that are passed
     * @param bool                $exact    whether the answer is one and exact
     * @param ?Changed            $changed  for later and earlier
     * @param list<WorkedMethod>  $methods  the recommended one first
     * @param list<string>        $skills   rungs of the ladder that the sum exercises
     * @param list<Note>          $notes
     * @param ?Note               $open     what it depends on, where there is no one answer; it is among the notes
     * @param ?Claim              $claim    what was typed as its answer, judged; null where none was
     * @param ?ToldProblem        $told     the problem in words that it answers, as it was understood; null where only a sum was typed
     * @param ?SetOut             $setOut   the same problem set out; null where it is not
     */
    public function __construct(
        public string $sum,
        public string $shown,
        public ?string $solved,
        public Kind $kind,
        public ?WorkedAnswer $answer,
        public array $readings,
        public array $crosses,
        public bool $regroups,
        public bool $exact,
        public ?Changed $changed,
        public ?Recommended $recommended,
        public array $methods,
        public DayStrip $strip,
        public array $skills,
        public array $notes,
        public ?Note $open = null,
        public ?Claim $claim = null,
        public ?ToldProblem $told = null,
        private ?SetOut $setOut = null,
    ) {
    }

    /**
     * The same with these methods in place of its own.
     *
     * @param list<WorkedMethod> $methods
     */
    public function in(array $methods): self
    {
        return new self(
            $this->sum, $this->shown, $this->solved, $this->kind, $this->answer, $this->readings, $this->crosses, $this->regroups, $this->exact, $this->changed,
            $this->recommended, $methods, $this->strip, $this->skills, $this->notes, $this->open, $this->claim, $this->told, $this->setOut,
        );
    }

    /** The problem set out, whose steps are those of the first method; null where there is none. */
    public function setOut(): ?SetOut
    {
        return $this->setOut;
    }
}
