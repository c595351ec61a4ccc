<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Method\ColumnMethod;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Method\NumberLineMethod;
use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;

/** Puts questions: settles how each is asked, shown and answered, and finds its answer. */
final readonly class Posing
{
    private Writer $kept;

    public function __construct(
        private AnswerForms $answerForms,
        private Asking $asking,
        private Choices $choices,
        private MethodBook $methods,
        private Forms $forms,
        private SumReader $reader,
        private SetsOut $setsOut,
    ) {
        $this->kept = Writer::plain();
    }

    /**
     * @param Manner $manner how it is put, where the question does not say it itself
     * @param int    $number of the question, from 1; the same number gives the same choices
     */
    public function pose(Question $question, Manner $manner, int $number = 1): PosedQuestion
    {
        $asking = $this->asking->in($manner->style);
        $marked = Writer::marked($manner->style);
        $times = $question->times ?? $manner->times;
        $sum = $asking->given($question->sum, $times);
        $asked = '' === $question->wording ? $asking->inSigns($sum) : $question->wording;
        $open = $sum->leavesOpen();
        if (null !== $open) {
            return PosedQuestion::withoutAnswer($asked, $this->forms->phrase($open->says(), Writer::plain($manner->style)));
        }
        try {
            $answer = $sum->answer();
        } catch (CannotBeDone $cannot) {
            return PosedQuestion::withoutAnswer($asked, $this->reader->refused($cannot, $this->forms->write($sum, $this->kept), $sum)->getMessage());
        }
        $wanted = $this->answerForms->form($question->answers ?? $manner->answers);
        $problem = '' === $question->wording ? null : $this->setsOut->problem($sum, $question->wording, $marked, $manner->methods);
        // what is told is not drawn ready to be filled in: which sum it is is to be found out first
        $working = null !== $problem && [] === $wanted->methods() ? $problem->working : $this->working($sum, $wanted, $manner, $marked);
        $layingOut = new LayingOut($sum, $answer, $question->wording, $times, $manner->scaffold, $working, crc32($number.$this->forms->write($this->asking->given($question->sum, $times), $this->kept)), $asking, $this->choices, $manner->style, $manner->tight, $problem);
        $form = $wanted->layOut($layingOut) ?? (new Written())->layOut($layingOut);
        $told = '' !== $question->wording;

        return new PosedQuestion(
            $form->asks($told ? $question->wording : $asking->question($sum, $times, $form->drawsTheTime(), $manner->tight), $question->wording),
            // words tell their own times
            $form->shows(!$told || $asking->reads($sum) ? $asking->clocks($sum, $times, $form->drawsTheTime()) : []),
            TimesGiven::RomanClocks === $times,
            $form,
            $form->key(Marked::plain($marked->answer($answer))),
            null,
            $working,
            $problem?->sentence,
            ucfirst(Marked::plain($this->forms->solved($sum, $answer, $marked) ?? $asking->inSigns($sum).' = '.$marked->answer($answer))),
        );
    }

    /** In the method for which the form has room, in the class's own, or in the usual one for such sums. */
    private function working(Sum $sum, AnswerForm $form, Manner $manner, Writer $marked): ?Working
    {
        $wanted = $form->methods();
        if ([] === $wanted) {
            $wanted = [$manner->methods[$sum->kind()->value] ?? '', null === $sum->plain()->way() ? ColumnMethod::ID : NumberLineMethod::ID];
        }
        $chosen = $this->methods->choose($sum, $marked);
        foreach ($wanted as $id) {
            foreach ($chosen as $one) {
                if ($one->method->id() === $id) {
                    return $one->work($marked);
                }
            }
        }

        return ($chosen[0] ?? null)?->work($marked);
    }
}
