<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Question\Form\SetOut;
use Rostik\Core\Question\Question;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Sum;

/** A problem that was made: told, asked, and answered in a sentence. */
final readonly class Told
{
    /**
     * @param string              $text     what is known
     * @param string              $ask      what is asked
     * @param non-empty-list<Sum> $sums     the last one gives the answer
     * @param string              $sentence that answers what is asked
     */
    public function __construct(
        public Frame $frame,
        public Level $level,
        public string $text,
        public string $ask,
        public array $sums,
        public string $sentence,
    ) {
    }

    /** One sum, or several done in turn. */
    public function sum(): Sum
    {
        return isset($this->sums[1]) ? InTurn::of($this->sums[0], $this->sums[1], ...\array_slice($this->sums, 2)) : $this->sums[0];
    }

    public function question(): Question
    {
        return new Question($this->sum(), $this->text.' '.$this->ask, SetOut::TYPE, story: $this->frame->id);
    }
}
