<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Timetable\Timetables;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Problem\StoryWishes;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\TimesGiven;
use Rostik\Core\Sheet\Aim;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Sheet\SheetMaker;
use Rostik\Core\Sheet\Shortage;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Budget;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;
use Symfony\Component\Uid\Uuid;

/** Makes sheets from their aims, and other numbers for questions that are there. */
final readonly class SheetMaking
{
    /** So many tables are made to find one that has all that is wanted. */
    private const TABLES = 12;

    private Writer $plain;

    public function __construct(
        private SheetMaker $maker,
        private Ladder $ladder,
        private Another $another,
        private SumReader $reader,
        private Sheets $sheets,
        private Classrooms $classrooms,
        private EntityManagerInterface $entities,
        private Forms $forms,
        private StoryMaker $stories,
        private TableAsking $tables,
        private Timetables $timetables,
    ) {
        $this->plain = Writer::plain();
    }

    /** @throws NoSuchRung */
    public function make(Teacher $owner, MakeSheetsRequest $wanted): MadeSheetsReply
    {
        $ladder = $this->ladder;
        $places = array_flip(array_map(static fn ($rung): string => $rung->id, $ladder->rungs()));
        $aims = array_map(static fn (AimRequest $aim): Aim => new Aim($ladder->rung($aim->rung), $aim->count), $wanted->aims);
        usort($aims, static fn (Aim $a, Aim $b): int => ($places[$a->rung->id] ?? 0) <=> ($places[$b->rung->id] ?? 0));
        $limits = new Limits($wanted->fives, $wanted->regroups, $wanted->noon, $wanted->midnight, $wanted->unknown, $wanted->hour, $wanted->day);
        $rungs = array_map(static fn (Aim $aim): string => $aim->rung->id, $aims);
        $title = '' === trim($wanted->title) ? rtrim(preg_replace('/^I can /', '', ucfirst($aims[0]->rung->can)) ?? '', '.') : trim($wanted->title);
        $family = \count($wanted->levels) > 1 ? Uuid::v7() : null;
        $class = $this->classrooms->find($owner, $wanted->classId);
        $wishes = new StoryWishes($wanted->pairs, $wanted->names ? self::namesOf($class) : []);
        $sheets = [];
        $shortages = [];
        $read = array_values(array_filter($aims, fn (Aim $aim): bool => \in_array($aim->rung->id, $this->tables->rungs(), true)));
        $aims = array_values(array_filter($aims, static fn (Aim $aim): bool => !\in_array($aim, $read, true)));
        $budget = new Budget();
        foreach ($wanted->levels as $level) {
            [$table, $about, $few] = [] === $read ? [null, [], []] : $this->about($owner, $wanted, $read, $level);
            $made = $this->maker->make($aims, $level, $wanted->seed, $limits, $wanted->mistakes, $wanted->challenge, $class?->style() ?? new Style(), $wishes, $budget, $wanted->mixed);
            $all = null === $made->challenge ? $made->questions : [...$made->questions, $made->challenge];
            [$answers, $times] = self::common($made->questions);
            $questions = array_map(fn (Question $question): QuestionRequest => new QuestionRequest(Uuid::v4()->toRfc4122(), QuestionText::of(new Question(
                $question->sum,
                $question->wording,
                // the form of all is the sheet's; a mixed sheet leaves each rung its own
                $answers === $question->answers ? null : $question->answers ?? Written::TYPE,
                $times === $question->times ? null : $question->times ?? TimesGiven::AsWritten,
                $question->challenge,
                $question->story,
            ), $this->forms->write($question->sum, $this->plain))), $all);
            $settings = SheetSettings::forLevel($level, $wanted->layout, $rungs, $limits, $answers ?? Written::TYPE, $times ?? TimesGiven::AsWritten, null === $table ? null : SheetTable::of($table));
            $sheets[] = $this->sheets->new($owner, ucfirst(mb_substr($title, 0, 120)), [...$about, ...$questions], $class, $settings, $family);
            array_push($shortages, ...array_map(static fn (Shortage $s): string => self::said($s, $level, $ladder), [...$few, ...$made->shortages]));
        }
        $this->entities->flush();

        return new MadeSheetsReply(array_map($this->sheets->reply(...), $sheets), $shortages);
    }

    /**
     * Questions about a timetable, with what there are too few of. Of made tables that one is taken that has the most.
     *
     * @param list<Aim> $aims
     *
     * @return array{AnyTable, list<QuestionRequest>, list<Shortage>}
     */
    private function about(Teacher $owner, MakeSheetsRequest $wanted, array $aims, Level $level): array
    {
        $best = null;
        for ($try = 0; $try < self::TABLES && (null === $best || ([] !== $best[2] && null === $wanted->table)); ++$try) {
            $seed = $wanted->seed + 104_729 * $try;
            // a smaller table may have nothing of what is wanted: nobody changes boats on it
            $large = 2 * $try < self::TABLES ? $level : Level::Stretch;
            $table = SheetTable::forPaper($this->timetables->table($owner, $wanted->table ?? Timetables::MADE, $large, $seed));
            $found = [$table, ...$this->readingFor($aims, $table, $level, $seed)];
            $best = null === $best || \count($found[1]) > \count($best[1]) ? $found : $best;
        }

        return $best;
    }

    /**
     * @param list<Aim> $aims
     *
     * @return array{list<QuestionRequest>, list<Shortage>}
     */
    private function readingFor(array $aims, AnyTable $table, Level $level, int $seed): array
    {
        $questions = [];
        $few = [];
        foreach ($aims as $i => $aim) {
            $lines = $this->tables->forRung($aim->rung->id, $table, $level, $aim->count, $seed + 7919 * $i);
            array_push($questions, ...array_map(QuestionRequest::aboutATable(...), $lines));
            if (\count($lines) < $aim->count) {
                $few[] = new Shortage($aim->rung->id, $aim->count, \count($lines));
            }
        }

        return [$questions, $few];
    }

    /** A sheet of questions about a timetable at each level, which belong together. */
    public function aboutATable(Teacher $owner, TableSheetRequest $wanted): MadeSheetsReply
    {
        $family = \count($wanted->levels) > 1 ? Uuid::v7() : null;
        $class = $this->classrooms->inHand($owner);
        $sheets = [];
        foreach ($wanted->levels as $level) {
            $table = SheetTable::forPaper($this->timetables->any($owner, $wanted->table, $level, $wanted->drawn));
            $lines = $this->tables->draw($table, $level, $wanted->count, $wanted->seed, [] === $wanted->kinds ? null : $wanted->kinds);
            $rungs = array_values(array_unique(array_filter(array_map(fn (TableLine $line): ?string => $this->tables->rung($line->write()), $lines))));
            $settings = SheetSettings::forLevel($level, Layout::Page, $rungs, new Limits(), table: SheetTable::of($table));
            $sheets[] = $this->sheets->new($owner, mb_substr('' === $table->title() ? 'A timetable' : $table->title(), 0, 120), array_map(QuestionRequest::aboutATable(...), $lines), $class, $settings, $family);
        }
        $this->entities->flush();

        return new MadeSheetsReply(array_map($this->sheets->reply(...), $sheets), []);
    }

    /**
     * The form of answer and the form of times that all the questions have; null for the usual ones, and where they differ.
     *
     * @param list<Question> $questions
     *
     * @return array{?string, ?TimesGiven}
     */
    private static function common(array $questions): array
    {
        $first = $questions[0] ?? null;
        $same = static fn (callable $of): bool => [] === array_filter($questions, static fn (Question $one): bool => $of($one) !== $of($first ?? $one));

        return [
            $same(static fn (Question $q): ?string => $q->answers) ? $first?->answers : null,
            $same(static fn (Question $q): ?TimesGiven => $q->times) ? $first?->times : null,
        ];
    }

    /** @return list<string> the names of the children of a class, without those that are only numbers */
    private static function namesOf(?Classroom $class): array
    {
        return array_values(array_filter(array_map(static fn (Child $child): string => $child->name(), $class?->children() ?? []), static fn (string $name): bool => 1 === preg_match('/\p{L}/u', $name)));
    }

    public function others(Teacher $owner, OthersRequest $wanted): OthersReply
    {
        $style = $this->classrooms->find($owner, $wanted->classId)?->style() ?? new Style();
        $taken = [];
        foreach ([...$wanted->keep, ...$wanted->sums] as $sum) {
            $taken[$sum] = true;
        }
        $table = $wanted->table?->table();
        $others = [];
        $wordings = [];
        foreach ($wanted->sums as $i => $text) {
            $found = null;
            $wordings[$i] = '';
            $story = $wanted->stories[$i] ?? null;
            $told = null === $story ? null : $this->stories->again($story, $wanted->level ?? Level::Core, $wanted->seed + 31 * $i, $style, array_keys($taken));
            if (null !== $told) {
                $others[] = $found = $this->stories->written($told);
                $wordings[$i] = $told->question()->wording;
                $taken[$found] = true;
                continue;
            }
            if (TableLine::is($text)) {
                $line = TableLine::read($text);
                $other = null === $line || null === $table ? null : ($this->tables->others($line, $table, $wanted->level ?? Level::Core, 1, $wanted->seed + 31 * $i, $taken)[0] ?? null);
                $others[] = $found = $other?->write();
                $taken[$found ?? ''] = true;
                continue;
            }
            try {
                foreach ($this->another->like($this->reader->read($text)->sum, 12, $wanted->seed + 31 * $i) as $other) {
                    if (!isset($taken[$other->sum])) {
                        $found = $other->sum;
                        $taken[$found] = true;
                        break;
                    }
                }
            } catch (NotUnderstood) {
                // an unfinished question stays as it is
            }
            $others[] = $found;
        }

        return new OthersReply($others, array_values($wordings));
    }

    private static function said(Shortage $shortage, Level $level, Ladder $ladder): string
    {
        return \sprintf(
            $shortage->ended
                ? '“%1$s”: %2$d of %4$d questions with these wishes were found at the %3$s level before the looking ended. With fewer wishes, or on a sheet of its own, there may be more.'
                : '“%s” has only %d different questions of that kind at the %s level; %d were asked for.',
            $ladder->rung($shortage->rung)->can,
            $shortage->there,
            $level->value,
            $shortage->wanted,
        );
    }
}
