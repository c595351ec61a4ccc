<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Method\Working;
use Rostik\Core\Question\Form\Written;

/** A question as it is put: what is asked, what is shown, how it is answered, and its answer. */
final readonly class PosedQuestion
{
    /**
     * @param string           $asked    plain
     * @param list<ShownClock> $clocks   faces that are shown, in the order in which they are spoken of
     * @param bool             $roman    whether the faces have Roman numerals
     * @param AnswerForm       $form     how it is answered, with its data
     * @param ?string          $answer   in that form, plain; null where it has none
     * @param ?string          $problem  why it has none, in a sentence
     * @param ?Working         $working  in the method for which there is room; null where none applies
     * @param ?string          $sentence the answer in a sentence, plain; null where the question is not told
     * @param string           $solved   the sum with its answer in it, plain: "3 years < 40 months"; empty where it has none
     */
    public function __construct(
        public string $asked,
        public array $clocks,
        public bool $roman,
        public AnswerForm $form,
        public ?string $answer,
        public ?string $problem,
        public ?Working $working,
        public ?string $sentence = null,
        public string $solved = '',
    ) {
    }

    /** One that has no answer: it is asked as it stands. */
    public static function withoutAnswer(string $asked, string $problem): self
    {
        return new self($asked, [], false, new Written(), null, $problem, null);
    }

    /** Whether anything is drawn beside the words. */
    public function isDrawn(): bool
    {
        return [] !== $this->clocks || $this->form->isDrawn();
    }
}
