<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Work\Understanding;

/**
 * What the formats need to take questions in: a place to collect them, and the right answers.
 *
 * @internal to the formats
 */
final readonly class Intake
{
    private Writer $plain;

    public function __construct(private Understanding $understanding, private Forms $forms, private Judge $judge)
    {
        $this->plain = Writer::plain();
    }

    /** For the questions of one file. */
    public function lines(): QuestionsRead
    {
        return new QuestionsRead($this->understanding, $this);
    }

    /** The sum in canonical text. */
    public function text(Sum $sum): string
    {
        return $this->forms->write($sum, $this->plain);
    }

    /** The answer to a sum, plain; empty where there is none. */
    public function answer(Sum $sum): string
    {
        try {
            return null === $sum->leavesOpen() ? $this->plain->answer($sum->answer()) : '';
        } catch (CannotBeDone) {
            return '';
        }
    }

    /** Whether a key says what is right, be it in another form. */
    public function accepts(Sum $sum, string $key): bool
    {
        return $this->judge->judge($sum, $key)->verdict->isRight();
    }
}
