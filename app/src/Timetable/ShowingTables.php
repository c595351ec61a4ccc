<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Timetable\ActivityMaker;
use Rostik\Core\Timetable\ActivityRow;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\CausewayMaker;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\DayTeller;
use Rostik\Core\Timetable\HiddenPart;
use Rostik\Core\Timetable\Kinds;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\QuestionMaker;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableQuestion;
use Rostik\Core\Timetable\TableRow;
use Rostik\Core\Timetable\TideTable;
use Rostik\Core\Timetable\Vehicle;

/** Timetables and the questions about them, as they are shown. */
final readonly class ShowingTables
{
    public function __construct(private QuestionMaker $maker, private Kinds $kinds, private Forms $forms, private MistakeBook $mistakes, private ActivityMaker $activities, private DayTeller $teller, private CausewayMaker $causeways)
    {
    }

    public function asked(ServiceTable $table, AskTableRequest $wanted): AskedTableReply
    {
        $writer = Writer::marked($wanted->style);
        $questions = 0 === $wanted->count ? [] : $this->maker->make($table, $wanted->level, $wanted->count, $wanted->seed, [] === $wanted->kinds ? null : $wanted->kinds, $writer);

        return new AskedTableReply($this->table($table, $wanted->style), array_map(fn (TableQuestion $one): TableQuestionReply => $this->question($one), $questions), $this->kinds($wanted->level));
    }

    /**
     * The questions that a sheet asks about its timetable.
     *
     * @param list<TableQuestion> $questions
     */
    public function read(AnyTable $table, array $questions, Style $style): AskedTableReply
    {
        $shown = match (true) {
            $table instanceof ServiceTable => $this->table($table, $style),
            $table instanceof TideTable => $this->tides($table, $style),
            default => throw new \LogicException('There is no such table.'),
        };

        return new AskedTableReply($shown, array_map($this->question(...), $questions), []);
    }

    public function table(ServiceTable $table, Style $style = new Style()): TableReply
    {
        $writer = Writer::marked($style);
        $time = static fn (?int $minutes): ?string => null === $minutes ? null : $writer->time(StatedTime::of(TimeOfDay::ofMinutes($minutes % TimeOfDay::DAY), ClockForm::TwentyFour));
        $days = array_map(static fn (Service $one): string => $one->days->said(), $table->services);

        return new TableReply(
            $table->title,
            $table->vehicle->value,
            array_map(static fn (Service $one): string => $one->name, $table->services),
            $table->mixesDays() ? $days : [],
            array_map(static fn (TableRow $row): TableRowReply => new TableRowReply($row->stop, $row->name, $row->what, array_map($time, $row->times)), $table->rows()),
            CsvTable::write($table),
        );
    }

    public function activities(ActivityRequest $wanted): ActivityReply
    {
        $table = $this->activities->make($wanted->level, $wanted->rows, $wanted->seed, '' === $wanted->day ? null : $wanted->day);
        $writer = Writer::marked($wanted->style);

        return new ActivityReply($table->title, array_map(fn (ActivityRow $row): ActivityRowReply => $this->activity($row, $writer), $table->rows));
    }

    public function tale(ActivityRequest $wanted): DayTaleReply
    {
        $tale = $this->teller->tell($wanted->level, $wanted->seed, '' === $wanted->day ? null : $wanted->day, Writer::marked($wanted->style));

        return new DayTaleReply($tale->title, $tale->things, $tale->sentences, $tale->order);
    }

    private function activity(ActivityRow $row, Writer $writer): ActivityRowReply
    {
        $time = static fn (int $minutes): string => $writer->time(StatedTime::of(TimeOfDay::ofMinutes($minutes)));
        $cells = [$time($row->start), $writer->amount(Amount::minutes($row->minutes)), $time($row->end())];
        $hidden = match ($row->hidden) {
            HiddenPart::Start => 0,
            HiddenPart::Length => 1,
            HiddenPart::End => 2,
        };
        $seen = $cells;
        $seen[$hidden] = null;
        if (null !== $row->after) {
            $seen[0] = 'straight after';
        }

        return new ActivityRowReply($row->what, $this->forms->write($row->sum(), Writer::plain()), $seen, $cells[$hidden]);
    }

    /** The tides of some days, and questions about the causeway; by kind none can be chosen, they take turns. */
    public function causeway(AskTableRequest $wanted): AskedTableReply
    {
        $tides = $this->causeways->table($wanted->level, $wanted->drawn);

        return $this->read($tides, $this->causeways->make($tides, $wanted->level, $wanted->count, $wanted->seed, Writer::marked($wanted->style)), $wanted->style);
    }

    private function tides(TideTable $tides, Style $style): TableReply
    {
        $writer = Writer::marked($style);
        $time = static fn (?int $minutes): ?string => null === $minutes ? null : $writer->time(StatedTime::of(TimeOfDay::ofMinutes($minutes), ClockForm::TwentyFour));
        $rows = [];
        foreach ($tides->byDay() as $day => $high) {
            $rows[] = new TableRowReply($day, 'Day '.($day + 1), '', array_map($time, [$high[0] ?? null, $high[1] ?? null]));
        }

        return new TableReply($tides->title(), Vehicle::Service->value, ['1', '2'], ['high tide', 'high tide'], $rows, $tides->csv(), $tides->caution());
    }

    private function question(TableQuestion $one): TableQuestionReply
    {
        $wrong = [];
        foreach ($one->wrong as $id => $answer) {
            $read = Misreading::tryFrom($id) ?? $this->mistakes->mistake($id);
            $wrong[] = new TableWrongReply(Marked::plain($answer->text), $read->may(), $read->look());
        }

        return new TableQuestionReply($one->kind, $one->text, $one->answer->text, array_map(fn (Sum $sum): string => $this->forms->write($sum, Writer::plain()), $one->sums), $one->steps, $wrong);
    }

    /** @return list<TableKindReply> */
    private function kinds(Level $level): array
    {
        $kinds = [];
        foreach ($this->kinds->all as $id => $kind) {
            if (\in_array($level, $kind->levels(), true)) {
                $kinds[] = new TableKindReply($id, $kind->said());
            }
        }

        return $kinds;
    }
}
