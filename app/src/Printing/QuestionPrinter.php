<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Method\Step;
use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\GivenLine;
use Rostik\Core\Picture\SetOutPicture;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\PosedQuestion;
use Rostik\Core\Question\Posing;
use Rostik\Core\Sheet\Examples;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;
use Rostik\Core\Timetable\TableStep;

/** Sets one question out for paper, with its working where the key shows it. */
final readonly class QuestionPrinter
{
    public function __construct(private SumReader $reader, private Posing $posing, private Examples $examples, private Drawings $drawings, private TableAsking $tables)
    {
    }

    /**
     * @param Manner    $manner of the sheet
     * @param bool      $worked whether the key shows the working
     * @param ?AnyTable $table  the timetable above the questions; null for none
     */
    public function print(int $number, QuestionText $question, Manner $manner, bool $worked = true, ?AnyTable $table = null): PrintedQuestion
    {
        if (TableLine::is($question->sum)) {
            return $this->read($number, $question, $manner, $table);
        }
        try {
            $posed = $this->posing->pose($question->read($this->reader), $manner, $number);
        } catch (NotUnderstood $no) {
            $posed = PosedQuestion::withoutAnswer('' === $question->wording ? $question->sum : $question->wording, $no->getMessage());
        }

        return new PrintedQuestion($number, $posed, $worked ? $this->working($posed->working) : null);
    }

    /** A question about the timetable: it is worked by looking, so the key says where. */
    private function read(int $number, QuestionText $question, Manner $manner, ?AnyTable $table): PrintedQuestion
    {
        try {
            $asked = $this->tables->ask($question->sum, $table, Writer::marked($manner->style));
        } catch (NoSuchQuestion $none) {
            return new PrintedQuestion($number, PosedQuestion::withoutAnswer('A question about a timetable', $none->getMessage()), null, true);
        }
        $said = array_map(static fn (TableStep $step): string => Marked::plain($step->say), $asked->steps);

        return new PrintedQuestion(
            $number,
            new PosedQuestion(Marked::plain($asked->text), [], false, new Written(), Marked::plain($asked->answer->text), null, null),
            new PrintedWorking('reading the timetable', $said, ''),
            true,
        );
    }

    /**
     * A question that is shown worked: one like the first, with numbers that are not on the sheet.
     *
     * @param list<QuestionText> $questions of the sheet
     */
    public function example(array $questions, Manner $manner, int $seed): ?PrintedQuestion
    {
        $sums = [];
        $stories = [];
        foreach ($questions as $question) {
            try {
                $sums[] = $question->read($this->reader)->sum;
                $stories[] = $question->story ?? '';
            } catch (NotUnderstood) {
                continue;
            }
        }
        $posed = $this->examples->for($sums, $manner, $seed, $stories);

        return null === $posed ? null : new PrintedQuestion(0, $posed, $this->working($posed->working));
    }

    private function working(?Working $working): ?PrintedWorking
    {
        if (null === $working) {
            return null;
        }
        $last = $working->steps[\count($working->steps) - 1]->picture;

        return new PrintedWorking(
            $working->method->title(),
            array_map(Marked::plain(...), $last instanceof SetOutPicture ? self::fiveLines($last) : array_map(static fn (Step $step): string => $step->say, $working->steps)),
            $this->drawings->worked($working),
        );
    }

    /**
     * A problem as it stands set out; how its sums are worked is drawn.
     *
     * @return list<string> marked
     */
    private static function fiveLines(SetOutPicture $picture): array
    {
        $lines = ['Given: '.implode(', ', array_map(static fn (GivenLine $one): string => $one->name.' '.$one->value, $picture->given))];
        foreach ($picture->sums as $sum) {
            $lines[] = 'Find: '.$sum->find;
            $lines[] = \sprintf('%s: %s = %s', rtrim($sum->operation ?? '', '?'), $sum->sum, $sum->result);
        }

        return [...$lines, 'Answer: '.$picture->answer];
    }
}
