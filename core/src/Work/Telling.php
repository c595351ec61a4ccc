<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\AnswerSentence;
use Rostik\Core\Problem\Mention;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Problem\ReadProblem;
use Rostik\Core\Problem\ReadQuestion;
use Rostik\Core\Problem\Remark;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\StatedTime;

/** Says what was understood of a problem in words. */
final readonly class Telling
{
    private Writer $kept;

    public function __construct(private ProblemReader $reader, private Forms $forms, private AnswerSentence $sentences, private Answering $answering)
    {
        $this->kept = Writer::plain();
    }

    /** @param ?Sum $sum that is kept with the words; it is said where they mean another one */
    public function text(string $text, Style $style = new Style(), ?Sum $sum = null): ToldProblem
    {
        $read = $this->reader->read($text);
        $told = $this->of($read, $style);
        $means = $told->questions[0]->means ?? null;
        if (null === $sum || !$read->sure || null === $means || $this->forms->write($sum, $this->kept) === $means->sum) {
            return $told;
        }
        try {
            if ($this->answering->to($sum, $style)->text === $means->answer->text) {
                return $told;
            }
        } catch (CannotBeDone) {
            // then they do not agree either
        }

        return new ToldProblem($told->text, false, $told->facts, $told->questions, [...$told->remarks, new Remark('other-sum', str_replace('..', '.', \sprintf('The words mean %s = %s.', $means->sum, $means->answer->text)))]);
    }

    public function of(ReadProblem $read, Style $style): ToldProblem
    {
        return new ToldProblem(
            $read->text,
            $read->sure,
            array_map(static fn (array $fact): ToldFact => self::fact(...$fact), $read->facts),
            array_map(fn (ReadQuestion $one): ToldQuestion => $this->question($read, $one, $style), $read->questions),
            $read->remarks,
        );
    }

    private static function fact(Mention $mention, string $is): ToldFact
    {
        return new ToldFact($mention->text, $mention->at, $is, $mention->value instanceof StatedTime);
    }

    private function question(ReadProblem $read, ReadQuestion $question, Style $style): ToldQuestion
    {
        $sum = [] === $question->instead ? $question->sum() : null;
        $means = null === $sum ? null : $this->sum($sum, $style);
        $answer = null === $means || null === $sum ? null : AnswerSentence::withoutItsDay($style->states($sum)->answer());

        return new ToldQuestion(
            $question->ask,
            $means,
            null === $answer ? null : $this->sentences->of($read->text, $question->ask, $answer, Writer::plain($style)->answer($answer)),
            array_values(array_filter(array_map(fn (Sum $one): ?ToldSum => $this->sum($one, $style), $question->instead))),
        );
    }

    private function sum(Sum $sum, Style $style): ?ToldSum
    {
        try {
            $stated = $style->states($sum);

            return new ToldSum($this->forms->write($sum, $this->kept), $this->forms->write($stated, Writer::marked($style)), $this->answering->written($stated->answer(), $style));
        } catch (CannotBeDone) {
            return null;
        }
    }
}
