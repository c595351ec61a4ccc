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
     * @param ?PrintedTable         $table     the timetable above the questions
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
        public ?PrintedTable $table = null,
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

    /** @return list<PrintedQuestion> those up to the last one about the timetable, which stand on pages with it */
    public function aboutTheTable(): array
    {
        $last = array_key_last(array_filter($this->questions, static fn (PrintedQuestion $q): bool => $q->reads));

        return null === $this->table || null === $last ? [] : \array_slice($this->questions, 0, $last + 1);
    }

    /** @return list<PrintedQuestion> those that follow */
    public function others(): array
    {
        return \array_slice($this->questions, \count($this->aboutTheTable()));
    }

    /** @return list<non-empty-list<PrintedQuestion>> what stands on each page with the timetable ({@see TablePages}) */
    public function tablePages(Paper $paper): array
    {
        return TablePages::of($this, $paper);
    }

    /** Whether the timetable stands on every page that has questions about it. */
    public function repeatsItsTable(Paper $paper): bool
    {
        return TablePages::repeats($this, $paper);
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
