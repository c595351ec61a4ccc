<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Notation\Style;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\Scaffold;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Symfony\Component\Validator\Constraints as Assert;

/** How a sheet is set out, and what it is for, beside its questions. */
final readonly class SheetSettings
{
    /**
     * @param ?Level       $level       null where the sheet was not made for one
     * @param string       $instruction a line under the title; may be empty
     * @param Scaffold     $scaffold    how much of the working is drawn
     * @param string       $answers     id of the form in which the questions are answered
     * @param bool         $example     whether the first lines show one worked, in the class's own method
     * @param bool         $chart       whether a reference chart of units stands at the end
     * @param ?int         $columns     1 or 2; null for as many as suit what is drawn
     * @param TimesGiven   $times       in which form times are given
     * @param list<string> $aims        ids of the rungs it was made for
     * @param Limits       $limits      what was wanted of the numbers when it was made
     */
    public function __construct(
        public ?Level $level = null,
        #[Assert\Length(max: 200)]
        public string $instruction = '',
        public Scaffold $scaffold = Scaffold::Outline,
        #[AnswerFormId]
        public string $answers = Written::TYPE,
        public bool $example = false,
        public bool $chart = false,
        #[Assert\Choice([1, 2])]
        public ?int $columns = null,
        public TypeSize $type = TypeSize::Usual,
        public TimesGiven $times = TimesGiven::AsWritten,
        public Layout $layout = Layout::Page,
        #[Assert\Count(max: 60)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        public array $aims = [],
        public Limits $limits = new Limits(),
        #[Assert\Valid]
        public ?SheetTable $table = null,
    ) {
    }

    /**
     * How a sheet is set out that is made for a level.
     *
     * @param list<string> $aims    ids of the rungs
     * @param Limits       $limits  what is wanted of the numbers
     * @param string       $answers id of the form in which all its questions are answered that have none of their own
     * @param ?SheetTable  $table   the timetable above its questions
     */
    public static function forLevel(Level $level, Layout $layout, array $aims, Limits $limits, string $answers = Written::TYPE, TimesGiven $times = TimesGiven::AsWritten, ?SheetTable $table = null): self
    {
        // tickets and slips have room for an answer, and no more
        $small = null !== $layout->room();
        $helped = Level::Support === $level && !$small;

        return new self(
            $level,
            answers: $answers,
            times: $times,
            scaffold: $small ? Scaffold::None : $level->scaffold(),
            example: $helped || Layout::Home === $layout,
            chart: $helped,
            layout: $layout,
            aims: $aims,
            limits: $limits,
            table: $table,
        );
    }

    /**
     * The questions in the order in which they are printed, as many as there is room for.
     *
     * @param list<QuestionText> $questions
     *
     * @return list<QuestionText>
     */
    public function printed(array $questions): array
    {
        // what stands apart stands at the end
        usort($questions, static fn (QuestionText $a, QuestionText $b): int => $a->challenge <=> $b->challenge);

        return \array_slice($questions, 0, $this->layout->room());
    }

    /**
     * How its questions are put, where they do not say it themselves.
     *
     * @param array<string, string> $methods ids of the class's own methods, by kind of sum
     * @param Style                 $style   in which the class writes
     */
    public function manner(array $methods, Style $style): Manner
    {
        return new Manner($this->scaffold, $this->answers, $this->times, $methods, $style, null !== $this->layout->room());
    }
}
