<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Choices;
use Rostik\Core\Skill\Another;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Order;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedSum;

/** Sets one question out for paper: how it is asked, what is drawn, what is to be chosen from, and how it is worked. */
final readonly class QuestionPrinter
{
    private const CHOICES = 4;

    private Writer $plain;
    private Writer $marked;

    public function __construct(
        private Workbench $bench,
        private SumReader $reader,
        private Forms $forms,
        private Choices $choices,
        private Another $another,
        private Asking $asking,
        private Figures $figures,
    ) {
        $this->plain = Writer::plain();
        $this->marked = Writer::marked();
    }

    /**
     * @param string $sum     as it was typed
     * @param string $wording the question in words; may be empty
     * @param bool   $worked  whether the key shows the working
     */
    public function print(int $number, string $sum, string $wording, SheetSettings $settings, Teacher $teacher, bool $worked = true): PrintedQuestion
    {
        try {
            $read = $this->asking->given($this->reader->read($sum)->sum, $settings->times);
            $work = $this->bench->work($this->forms->write($read, $this->plain));
        } catch (NotUnderstood $no) {
            return new PrintedQuestion($number, '' === $wording ? $sum : $wording, null, $no->getMessage());
        }
        if (null === $work->answer) {
            return new PrintedQuestion($number, '' === $wording ? $this->asking->inSigns($read) : $wording, null, 'a.m. or p.m. is not said, and it changes the answer.');
        }
        $asked = '' === $wording ? $this->asking->question($read, $settings->times) : $wording;
        $method = $worked ? $this->method($work, $teacher) : null;
        $answer = Marked::plain($work->answer->shown);
        $printed = fn (string $said, string $figure = '', array $choices = [], ?string $statement = null, bool $rule = true, ?TableRow $row = null): PrintedQuestion => new PrintedQuestion(
            $number,
            $said,
            $answer,
            null,
            $figure,
            array_values(array_filter($choices, is_string(...))),
            $statement,
            $rule,
            $row,
            null === $method ? [] : $this->steps($method),
            null === $method ? '' : $this->figures->worked($method),
            $method->title ?? '',
        );
        $given = '' === $wording || $this->asking->reads($read) ? $this->asking->clocks($read, $settings->times) : [];
        if (AnswerForm::Choice === $settings->answers || AnswerForm::TrueFalse === $settings->answers) {
            $choices = array_map(static fn ($c): string => $c->text, $this->choices->for($read, self::CHOICES, crc32($number.$work->sum)));
            if ([] !== $choices) {
                return AnswerForm::Choice === $settings->answers
                    ? $printed($asked, $this->figures->clocks(...$given), $choices, rule: false)
                    : $printed('' === $wording ? '' : $wording, statement: $this->asking->inSigns($read).' = '.$choices[0]);
            }
        }
        $row = AnswerForm::Table === $settings->answers && '' === $wording ? TableRow::of($read, $this->marked) : null;
        if (null !== $row) {
            return $printed($asked, rule: false, row: $row);
        }
        if ($read instanceof Comparison && '' === $wording) {
            return $printed($asked, rule: false);
        }
        if ($read instanceof Order) {
            return $printed($asked);
        }

        return $printed($asked, $this->figures->of($read, $work, $settings, $given));
    }

    /**
     * A question that is shown worked: one like the first, with numbers that are not on the sheet.
     *
     * @param list<string> $sums of the sheet
     */
    public function example(array $sums, SheetSettings $settings, Teacher $teacher, int $seed): ?PrintedQuestion
    {
        $taken = [];
        foreach ($sums as $sum) {
            try {
                $taken[$this->forms->write($this->reader->read($sum)->sum, $this->plain)] = true;
            } catch (NotUnderstood) {
                continue;
            }
        }
        foreach (array_keys($taken) as $sum) {
            foreach ($this->another->like($this->reader->read((string) $sum)->sum, 3, $seed) as $other) {
                $printed = isset($taken[$other->sum]) ? null : $this->print(0, $other->sum, '', $settings, $teacher);
                if (null !== $printed && null !== $printed->answer && [] !== $printed->working) {
                    $shown = $this->asking->given($this->reader->read($other->sum)->sum, $settings->times);

                    return new PrintedQuestion(0, $this->asking->inSigns($shown), $printed->answer, null, working: $printed->working, worked: $printed->worked, method: $printed->method);
                }
            }
        }

        return null;
    }

    /** The class's own method for this kind of sum, or the one that suits the numbers. */
    private function method(WorkedSum $worked, Teacher $teacher): ?WorkedMethod
    {
        $house = $teacher->houseMethods()[$worked->kind->value] ?? null;
        foreach ($worked->methods as $method) {
            if ($method->id === $house) {
                return $method;
            }
        }

        return $worked->methods[0] ?? null;
    }

    /** @return list<string> */
    private function steps(WorkedMethod $method): array
    {
        return array_map(static fn ($step): string => Marked::plain($step->say), $method->steps);
    }
}
