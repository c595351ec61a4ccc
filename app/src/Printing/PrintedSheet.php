<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Sheet\SheetSettings;

/** A sheet, or one copy of it, as it is printed. */
final readonly class PrintedSheet
{
    /**
     * @param list<PrintedQuestion> $questions
     * @param list<PrintedQuestion> $challenge what stands apart at the end
     * @param ?PrintedQuestion      $example   a question that is shown worked
     * @param string                $className of the class it is for
     * @param string                $code      of the copy; empty for the sheet itself
     * @param string                $name      of the child; empty for a line to write it on
     */
    public function __construct(
        public string $title,
        public SheetSettings $settings,
        public array $questions,
        public array $challenge,
        public ?PrintedQuestion $example,
        public string $className,
        public string $code = '',
        public string $name = '',
    ) {
    }

    /** @return list<PrintedQuestion> in the order of their numbers */
    public function all(): array
    {
        return [...$this->questions, ...$this->challenge];
    }

    /**
     * @param list<PrintedQuestion> $questions in order
     *
     * @return list<non-empty-list<PrintedQuestion>> rows of one table together, other questions together
     */
    public function blocks(array $questions): array
    {
        $blocks = [];
        $before = null;
        foreach ($questions as $question) {
            $form = $question->posed->form;
            // all that is no row of a table stands together, too
            if (null === $before || !($form->joins($before) || (!$form->joins($form) && !$before->joins($before)))) {
                $blocks[] = [];
            }
            $before = $form;
            $blocks[\count($blocks) - 1][] = $question;
        }

        return $blocks;
    }

    /** How many rows of squares there are to work on ({@see Filling}). */
    public function squares(Paper $paper): int
    {
        return Filling::squares($this, $paper);
    }

    /** Whether two questions stand side by side. */
    public function inTwoColumns(): bool
    {
        return 2 === ($this->settings->columns ?? ([] !== array_filter($this->questions, static fn (PrintedQuestion $q): bool => $q->posed->isDrawn()) ? 2 : 1));
    }
}
