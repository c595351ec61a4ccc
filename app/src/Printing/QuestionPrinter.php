<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\PosedQuestion;
use Rostik\App\Sheet\SheetSettings;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Choice;
use Rostik\Core\Sheet\Choices;
use Rostik\Core\Sheet\TimesGiven;
use Rostik\Core\Skill\Another;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;

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
     * @param SheetSettings $settings of the sheet
     * @param bool          $worked   whether the key shows the working
     */
    public function print(int $number, PosedQuestion $question, SheetSettings $settings, Teacher $teacher, bool $worked = true): PrintedQuestion
    {
        $settings = $settings->for($question);
        $wording = $question->wording;
        try {
            $read = $this->asking->given($this->reader->read($question->sum)->sum, $settings->times);
            $work = $this->bench->work($this->forms->write($read, $this->plain));
        } catch (NotUnderstood $no) {
            return new PrintedQuestion($number, '' === $wording ? $question->sum : $wording, null, $no->getMessage(), AnswerSpace::line());
        }
        if (null === $work->answer) {
            return new PrintedQuestion($number, '' === $wording ? $this->asking->inSigns($read) : $wording, null, $work->open?->text, AnswerSpace::line());
        }
        $method = $this->figures->method($read, $work, $settings, $teacher->houseMethods()[$work->kind->value] ?? null);
        $answer = Marked::plain($work->answer->shown);
        $asked = '' === $wording ? $this->asking->question($read, $settings->times, AnswerForm::Hands === $settings->answers) : $wording;
        $space = $this->chosen($number, $read, $settings, $wording) ?? $this->space($read, $settings, $wording, $method);
        if (null !== $space->isTrue) {
            $asked = $wording;
            $answer = $space->isTrue ? 'true' : 'false: '.$answer;
        }

        return new PrintedQuestion($number, $asked, $answer, null, $space, $worked && null !== $method ? $this->working($method) : null);
    }

    /** Answers to choose from, where they are wanted and real mistakes lead to any. */
    private function chosen(int $number, Sum $sum, SheetSettings $settings, string $wording): ?AnswerSpace
    {
        // to write <, > or = is to choose already
        $choosing = AnswerForm::Choice === $settings->answers && !$sum instanceof Comparison;
        if (!$choosing && AnswerForm::TrueFalse !== $settings->answers) {
            return null;
        }
        $choices = $this->choices->for($sum, self::CHOICES, crc32($number.$this->forms->write($sum, $this->plain)));

        return match (true) {
            [] === $choices => null,
            $choosing => AnswerSpace::oneOf(array_map(static fn (Choice $c): string => $c->text, $choices), $this->figures->clocks(TimesGiven::RomanClocks === $settings->times, ...$this->clocks($sum, $settings, $wording))),
            default => AnswerSpace::trueOrFalse($this->asking->claim($sum, $choices[0]->text), null === $choices[0]->mistake),
        };
    }

    private function space(Sum $sum, SheetSettings $settings, string $wording, ?WorkedMethod $method): AnswerSpace
    {
        $row = AnswerForm::Table === $settings->answers && '' === $wording ? TableRow::of($sum, $this->marked) : null;

        return match (true) {
            null !== $row => AnswerSpace::row($row),
            $sum instanceof Comparison && '' === $wording => AnswerSpace::within(),
            $sum instanceof Order => AnswerSpace::line(),
            default => $this->figures->hasHands($sum, $settings)
                ? AnswerSpace::hands($this->figures->of($sum, $settings, $this->clocks($sum, $settings, $wording), $method), $this->saysHalf($sum), '' === $wording && $this->asking->reads($sum))
                : AnswerSpace::line($this->figures->of($sum, $settings, $this->clocks($sum, $settings, $wording), $method)),
        };
    }

    private function saysHalf(Sum $sum): bool
    {
        return !$sum instanceof Rewrite && [] !== array_filter($sum->times(), static fn (StatedTime $t): bool => $t->halfSaid && ClockForm::Twelve === $t->form);
    }

    /** @return list<StatedTime> what is shown on clocks; words tell their own times */
    private function clocks(Sum $sum, SheetSettings $settings, string $wording): array
    {
        return '' === $wording || $this->asking->reads($sum) ? $this->asking->clocks($sum, $settings->times, AnswerForm::Hands === $settings->answers) : [];
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
        $plain = null;
        foreach (array_keys($taken) as $sum) {
            foreach ($this->another->like($this->reader->read((string) $sum)->sum, 3, $seed) as $other) {
                $printed = isset($taken[$other->sum]) ? null : $this->print(0, new PosedQuestion($other->sum), $settings, $teacher);
                if (null === $printed?->working) {
                    continue;
                }
                $shown = $this->asking->given($this->reader->read($other->sum)->sum, $settings->times);
                $answer = Marked::plain($this->bench->answer($this->forms->write($shown, $this->plain))->answer->shown ?? '');
                $example = new PrintedQuestion(0, $this->asking->inSigns($shown), $answer, null, AnswerSpace::within(), $printed->working);
                if ('' !== $printed->working->drawing) {
                    return $example;
                }
                $plain ??= $example;
                break;
            }
        }

        // one that is told in steps alone, where none is drawn
        return $plain;
    }

    private function working(WorkedMethod $method): PrintedWorking
    {
        return new PrintedWorking($method->title, array_map(static fn ($step): string => Marked::plain($step->say), $method->steps), $this->figures->worked($method));
    }
}
