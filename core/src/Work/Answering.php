<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Duration;
use Rostik\Core\Time\Unit;

/** Writes answers, for people and for programs. */
final readonly class Answering
{
    private Writer $kept;

    public function __construct()
    {
        $this->kept = Writer::plain();
    }

    /**
     * The answer to a sum.
     *
     * @throws CannotBeDone when it has none
     */
    public function to(Sum $sum, Style $style = new Style()): WorkedAnswer
    {
        return $this->written($style->states($sum)->answer(), $style);
    }

    public function written(Answer $answer, Style $style): WorkedAnswer
    {
        return $this->by($answer, Writer::plain($style), Writer::marked($style));
    }

    public function by(Answer $answer, Writer $plain, Writer $marked): WorkedAnswer
    {
        return new WorkedAnswer(
            $plain->answer($answer),
            $marked->answer($answer),
            $answer instanceof RewriteAnswer ? $this->kept->answer($answer) : $answer->value(),
            $answer instanceof TimeAnswer ? $answer->dayOffset : null,
            $answer instanceof LengthAnswer && Chain::Clock === $answer->amount->duration->chain ? self::seconds($answer->amount->duration) : null,
            $answer instanceof LengthAnswer && Chain::Calendar === $answer->amount->duration->chain ? $answer->amount->duration->count : null,
        );
    }

    private static function seconds(Duration $duration): int|float
    {
        return $duration->isWholeSeconds() ? $duration->seconds() : $duration->count / Unit::Second->size();
    }
}
