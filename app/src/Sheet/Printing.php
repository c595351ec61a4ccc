<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\Drawing\ClockDrawing;
use Rostik\App\Sheet\Drawing\ColumnsDrawing;
use Rostik\App\Sheet\Drawing\LineDrawing;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Picture\LinePicture;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\Choices;
use Rostik\Core\Sheet\Scaffold;
use Rostik\Core\Skill\Another;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Work\Workbench;
use Rostik\Core\Work\WorkedMethod;
use Rostik\Core\Work\WorkedSum;

/** Sets the questions of a sheet out for paper: what is drawn, what is to be chosen from, and how each is worked. */
final readonly class Printing
{
    private const CHOICES = 4;

    private Writer $marked;

    public function __construct(
        private Workbench $bench,
        private SumReader $reader,
        private Forms $forms,
        private Choices $choices,
        private Another $another,
    ) {
        $this->marked = Writer::marked();
    }

    public function line(QuestionReply $question, SheetSettings $settings, Teacher $teacher): PrintLine
    {
        $asked = '' === $question->wording ? Marked::plain($question->shown) : $question->wording;
        if (null === $question->answer) {
            return new PrintLine($asked, null, $question->problem);
        }
        try {
            $sum = $this->reader->read($question->sum)->sum;
            $worked = $this->bench->work($question->sum);
        } catch (NotUnderstood $no) {
            return new PrintLine($asked, null, $no->getMessage());
        }
        $method = $this->method($worked, $teacher);
        [$working, $drawn] = null === $method ? [[], ''] : $this->worked($method);
        $plain = static fn (string $figure = '', array $choices = [], ?string $statement = null, bool $rule = true, ?string $said = null): PrintLine => new PrintLine(
            $said ?? $asked,
            Marked::plain($question->answer ?? ''),
            null,
            $figure,
            array_values(array_filter($choices, is_string(...))),
            $statement,
            $rule,
            $working,
            $drawn,
        );
        if (AnswerForm::Choice === $settings->answers || AnswerForm::TrueFalse === $settings->answers) {
            $choices = array_map(static fn ($c): string => $c->text, $this->choices->for($sum, self::CHOICES, crc32($question->id)));
            if (AnswerForm::Choice === $settings->answers && [] !== $choices) {
                return $plain($this->given($sum), $choices, rule: false, said: $this->reads($sum) ? 'What time is it?' : null);
            }
            if ([] !== $choices) {
                return $plain(statement: Marked::plain($this->forms->write($sum, $this->marked)).' = '.$choices[0], said: '' === $question->wording ? '' : null);
            }
        }
        if ($this->reads($sum) && '' === $question->wording) {
            return $plain($this->given($sum), said: 'What time is it?');
        }
        if ($sum instanceof Comparison) {
            return $plain(rule: false, said: '' === $question->wording ? str_replace(' ? ', ' ___ ', $asked).'     Write <, > or =.' : null);
        }
        if ($sum instanceof Order) {
            return $plain(said: '' === $question->wording ? 'Put in order: '.substr($asked, 6) : null);
        }

        return $plain($this->figure($sum, $worked, $settings));
    }

    /** The question that is shown worked at the top: one like the first, with numbers that are not on the sheet. */
    public function example(SheetReply $sheet, Teacher $teacher): ?PrintLine
    {
        $taken = array_map(static fn (QuestionReply $q): string => Marked::plain($q->shown), $sheet->questions);
        foreach ($sheet->questions as $question) {
            if (null === $question->answer) {
                continue;
            }
            foreach ($this->another->like($this->reader->read($question->sum)->sum, 3, crc32($sheet->id)) as $other) {
                $worked = $this->bench->work($other->sum);
                $method = $this->method($worked, $teacher);
                $shown = Marked::plain($worked->shown);
                if (null !== $method && null !== $worked->answer && !\in_array($shown, $taken, true)) {
                    [$working, $drawn] = $this->worked($method);

                    return new PrintLine($shown, $worked->answer->text, null, working: $working, worked: $drawn);
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

    /** @return array{list<string>, string} the steps, and the working as it stands at the end */
    private function worked(WorkedMethod $method): array
    {
        $first = $method->steps[0]->picture;
        $last = $method->steps[\count($method->steps) - 1]->picture;

        return [
            array_map(static fn ($step): string => Marked::plain($step->say), $method->steps),
            match (true) {
                $last instanceof ColumnsPicture => ColumnsDrawing::of($last, Scaffold::Full, true),
                $last instanceof LinePicture && $first instanceof LinePicture => LineDrawing::of($first, $last, Scaffold::Full, true),
                default => '',
            },
        ];
    }

    /** Whether a clock is to be read: then it is drawn, and not said in words. */
    private function reads(Sum $sum): bool
    {
        return $sum instanceof Rewrite && TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form;
    }

    private function given(Sum $sum): string
    {
        return $sum instanceof Rewrite && $this->reads($sum) ? ClockDrawing::of($sum->time->time()) : '';
    }

    private function figure(Sum $sum, WorkedSum $worked, SheetSettings $settings): string
    {
        $plain = $sum instanceof Missing ? $sum->turnedRound() : $sum;
        if (AnswerForm::Hands === $settings->answers && ($plain instanceof ClockMove || $plain instanceof Rewrite)) {
            return ClockDrawing::of(null);
        }
        $line = $this->drawn($worked, LinePicture::class);
        $columns = $this->drawn($worked, ColumnsPicture::class);
        $wantsLine = match ($settings->answers) {
            AnswerForm::Line => true,
            AnswerForm::Columns => false,
            default => null === $columns || $plain instanceof ClockMove || $sum instanceof Missing || 'number-line' === ($worked->recommended->method ?? ''),
        };
        if (Scaffold::None === $settings->scaffold && AnswerForm::Line !== $settings->answers && AnswerForm::Columns !== $settings->answers) {
            return '';
        }
        if ($wantsLine && null !== $line && (Scaffold::Full === $settings->scaffold || AnswerForm::Line === $settings->answers)) {
            return LineDrawing::of($line[0], $line[1], $settings->scaffold);
        }
        if (!$wantsLine && null !== $columns && (Scaffold::Full === $settings->scaffold || AnswerForm::Columns === $settings->answers)) {
            return ColumnsDrawing::of($columns[0], $settings->scaffold);
        }

        return Scaffold::None === $settings->scaffold ? '' : ColumnsDrawing::paper();
    }

    /**
     * The first and the last picture of the method that draws this model.
     *
     * @template P of LinePicture|ColumnsPicture
     *
     * @param class-string<P> $model
     *
     * @return array{P, P}|null
     */
    private function drawn(WorkedSum $worked, string $model): ?array
    {
        foreach ($worked->methods as $method) {
            $first = $method->steps[0]->picture;
            $last = $method->steps[\count($method->steps) - 1]->picture;
            if ($first instanceof $model && $last instanceof $model) {
                return [$first, $last];
            }
        }

        return null;
    }
}
