<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Activity\Tallies;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Evidence\ClassEvidence;
use Rostik\App\Evidence\KeptGroups;
use Rostik\App\Evidence\RungWord;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\Pile;
use Rostik\App\Marking\PileCsv;
use Rostik\App\Marking\PilePart;
use Rostik\App\Practice\Put;
use Rostik\App\Sheet\Copy;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Timetable\Timetable;
use Rostik\Core\Marking\Written;
use Rostik\Core\Notation\CsvField;
use Rostik\Core\Timetable\CsvTable;
use Symfony\Component\Serializer\Normalizer\NormalizerInterface;
use Symfony\Component\String\Slugger\AsciiSlugger;

/**
 * All that is kept of a teacher, a class or a child, as files: `data.json` with everything, which {@see BringIn} reads
 * again, and beside it the same as lists for people.
 */
final readonly class Takeout
{
    /** Of `data.json`. */
    public const VERSION = 1;

    public function __construct(private EntityManagerInterface $entities, private NormalizerInterface $normalizer, private ClassEvidence $evidence, private Tallies $tallies, private TakeoutDays $days, private Classrooms $classrooms, private ClockInterface $clock)
    {
    }

    /** @return array<string, string> contents by name */
    public function ofTeacher(Teacher $teacher): array
    {
        $sheets = $this->entities->getRepository(Sheet::class)->findBy(['owner' => $teacher, 'deletedAt' => null], ['id' => 'ASC']);
        $copies = $this->entities->getRepository(Copy::class)->findBy(['owner' => $teacher, 'deletedAt' => null], ['id' => 'ASC']);
        $tables = $this->entities->getRepository(Timetable::class)->findBy(['owner' => $teacher, 'deletedAt' => null], ['title' => 'ASC']);
        $classes = $this->classrooms->of($teacher);
        $own = $this->entities->getRepository(Pile::class)->findBy(['owner' => $teacher, 'classroom' => null, 'deletedAt' => null], ['id' => 'ASC']);
        $piles = [...$own, ...array_merge(...array_map($this->pilesOf(...), $classes))];
        $files = [
            'README.txt' => self::readme('of '.$teacher->name().', '.$teacher->school()->name(), $this->clock->now()),
            'data.json' => $this->json([
                'teacher' => ['name' => $teacher->name(), 'email' => $teacher->email(), 'school' => $teacher->school()->name(), 'letterKeys' => $teacher->hasLetterKeys()],
                'sheets' => array_map($this->sheet(...), $sheets),
                'copies' => array_map($this->copy(...), $copies),
                'timetables' => array_map(static fn (Timetable $one): array => ['title' => $one->title(), 'vehicle' => $one->vehicle()->value, 'csv' => CsvTable::write($one->table())], $tables),
                'classes' => array_map($this->classroom(...), $classes),
                'piles' => array_map($this->pile(...), $piles),
            ] + $this->days->of(...$classes)),
        ];
        foreach ($sheets as $i => $sheet) {
            $files['sheets/'.self::name($i, $sheet->title()).'.txt'] = '# '.$sheet->title()."\n".implode('', array_map(static fn (string $line): string => $line."\n", $sheet->lines()));
        }
        foreach ($tables as $i => $table) {
            $files['timetables/'.self::name($i, $table->title()).'.csv'] = CsvTable::write($table->table());
        }
        foreach ($own as $i => $pile) {
            $files['marks/'.self::name($i, $pile->title()).'.csv'] = CsvField::rows(PileCsv::rows($pile));
        }
        foreach ($classes as $i => $class) {
            foreach ($this->lists($class) as $name => $contents) {
                $files['classes/'.self::name($i, $class->name()).'/'.$name] = $contents;
            }
        }

        return $files;
    }

    /** @return array<string, string> contents by name */
    public function ofClass(Classroom $class): array
    {
        return [
            'README.txt' => self::readme('of the class '.$class->name().', '.$class->school()->name(), $this->clock->now()),
            'data.json' => $this->json(['classes' => [$this->classroom($class)], 'piles' => array_map($this->pile(...), $this->pilesOf($class))] + $this->days->of($class)),
        ] + $this->lists($class);
    }

    /** @return array<string, string> contents by name */
    public function ofChild(Child $child): array
    {
        $rows = [['day', 'paper', 'question', 'written', 'sign', 'the teacher’s own word']];
        $papers = [];
        foreach ($this->entities->getRepository(Paper::class)->findBy(['child' => $child]) as $paper) {
            if ($paper->pile()->isDeleted()) {
                continue;
            }
            $questions = $paper->own() ?? ($paper->pile()->parts()[$paper->part()] ?? null)?->questions() ?? [];
            $papers[] = ['title' => $paper->pile()->title(), 'onDay' => $paper->pile()->onDay()->format('Y-m-d'), 'questions' => array_map(static fn (QuestionText $text): array => $text->kept(), $questions)] + $this->paper($paper);
            foreach ($paper->marks() as $place => $mark) {
                $rows[] = [$paper->pile()->onDay()->format('Y-m-d'), $paper->pile()->title(), isset($questions[$place]) ? $questions[$place]->sum : '', $mark->given, $mark->sign->value ?? '', null === $mark->over ? '' : ($mark->over ? 'right' : 'wrong')];
            }
        }

        foreach ($this->entities->getRepository(Put::class)->findBy(['child' => $child], ['id' => 'ASC']) as $put) {
            if (null !== $put->isRight() && !$put->seat()->practice()->isDeleted()) {
                $rows[] = [$put->seat()->practice()->day(), 'practice', $put->text()->line(), implode(', then ', array_map(static fn (array $one): string => '' === $one['read'] ? $one['given'] : $one['read'], $put->answers())), $put->isRight() ? 'right' : 'wrong', ''];
            }
        }

        foreach ($this->entities->getRepository(TallyTry::class)->findBy(['child' => $child], ['id' => 'ASC']) as $try) {
            if ($try->tally()->isDeleted()) {
                continue;
            }
            $rows[] = [$try->tally()->takenAt()->format('Y-m-d'), 'half a minute', $try->tally()->target().' s', number_format($try->tenths() / 10, 1, '.', '').' s', '', ''];
        }

        return [
            'README.txt' => self::readme('of one child of the class '.$child->classroom()->name(), $this->clock->now(), false),
            'child.json' => $this->json(['child' => $child->name(), 'class' => $child->classroom()->name(), 'words' => array_map(static fn (RungWord $word): array => ['rung' => $word->rung(), 'standing' => $word->standing()->value, 'saidAt' => $word->saidAt()->format(\DATE_ATOM)], $this->entities->getRepository(RungWord::class)->findBy(['child' => $child])), 'papers' => $papers]),
            'answers.csv' => CsvField::rows($rows),
        ];
    }

    /** @return array<string, string> what is known of a class, as lists */
    private function lists(Classroom $class): array
    {
        $files = [
            'children.csv' => CsvField::rows([['child'], ...array_map(static fn (Child $child): array => [$child->name()], $class->children())]),
            'what-they-can-do.csv' => CsvField::rows($this->evidence->rows($class)),
            'half-a-minute.csv' => CsvField::rows($this->tallies->rows($class)),
        ];
        foreach ($this->pilesOf($class) as $i => $pile) {
            $files['marks/'.self::name($i, $pile->title()).'.csv'] = CsvField::rows(PileCsv::rows($pile));
        }

        return $files;
    }

    /** @return list<Pile> */
    private function pilesOf(Classroom $class): array
    {
        return $this->entities->getRepository(Pile::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['id' => 'ASC']);
    }

    /** @return array<string, mixed> */
    private function sheet(Sheet $sheet): array
    {
        return [
            'id' => $sheet->id()->toRfc4122(),
            'title' => $sheet->title(),
            'classId' => $sheet->classroom()?->id()->toRfc4122(),
            'family' => $sheet->family()?->toRfc4122(),
            'archived' => $sheet->isArchived(),
            'settings' => $this->normalizer->normalize($sheet->settings()),
            'questions' => array_map(static fn (Question $q): array => ['id' => $q->key(), 'locked' => $q->isLocked(), 'text' => $q->text()->kept()], $sheet->questions()),
        ];
    }

    /** @return array<string, mixed> */
    private function copy(Copy $copy): array
    {
        return [
            'sheet' => $copy->sheet()->id()->toRfc4122(),
            'set' => $copy->setId()->toRfc4122(),
            'code' => $copy->code(),
            'child' => $copy->child()?->id()->toRfc4122(),
            'moved' => $copy->moved(),
            'madeAt' => $copy->madeAt()->format(\DATE_ATOM),
            'questions' => array_map(static fn (QuestionText $text): array => $text->kept(), $copy->questions()),
        ];
    }

    /** @return array<string, mixed> */
    private function classroom(Classroom $class): array
    {
        $words = [];
        foreach ($class->children() as $child) {
            foreach ($this->entities->getRepository(RungWord::class)->findBy(['child' => $child]) as $word) {
                $words[] = ['child' => $child->id()->toRfc4122(), 'rung' => $word->rung(), 'standing' => $word->standing()->value, 'saidAt' => $word->saidAt()->format(\DATE_ATOM)];
            }
        }
        $groups = $this->entities->getRepository(KeptGroups::class)->findOneBy(['classroom' => $class]);

        return [
            'id' => $class->id()->toRfc4122(),
            'name' => $class->name(),
            'children' => array_map(static fn (Child $child): array => ['id' => $child->id()->toRfc4122(), 'name' => $child->name()], $class->children()),
            'taught' => $class->taught(),
            'methods' => $class->methods(),
            'style' => $this->normalizer->normalize($class->style()),
            'weekend' => $class->weekend()->value,
            'weekBegins' => $class->weekBegins()->value,
            'clockTimes' => $class->clockTimes(),
            'words' => $words,
            'groups' => $groups?->groups(),
        ];
    }

    /** @return array<string, mixed> */
    private function pile(Pile $pile): array
    {
        return [
            'classId' => $pile->classroom()?->id()->toRfc4122(),
            'title' => $pile->title(),
            'onDay' => $pile->onDay()->format('Y-m-d'),
            'byChildren' => $pile->isByChildren(),
            'nearlyCounts' => $pile->doesNearlyCount(),
            'parts' => array_map(fn (PilePart $part): array => ['settings' => $this->normalizer->normalize($part->settings()), 'questions' => array_map(static fn (QuestionText $text): array => $text->kept(), $part->questions())], $pile->parts()),
            'papers' => array_map($this->paper(...), $pile->papers()),
        ];
    }

    /** @return array<string, mixed> */
    private function paper(Paper $paper): array
    {
        $own = $paper->own();

        return [
            'child' => $paper->child()?->id()->toRfc4122(),
            'code' => $paper->code(),
            'part' => $paper->part(),
            'moved' => $paper->moved(),
            'absent' => $paper->isAbsent(),
            'own' => null === $own ? null : array_map(static fn (QuestionText $text): array => $text->kept(), $own),
            'marks' => array_map(static fn (int $place, Written $mark): array => ['question' => $place, 'given' => $mark->given, 'sign' => $mark->sign?->value, 'over' => $mark->over], array_keys($paper->marks()), $paper->marks()),
        ];
    }

    /** @param array<string, mixed> $all */
    private function json(array $all): string
    {
        return json_encode(['rostik' => self::VERSION, 'made' => $this->clock->now()->format(\DATE_ATOM)] + $all, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }

    private static function name(int $i, string $title): string
    {
        $slug = (new AsciiSlugger('en'))->slug($title)->lower()->truncate(60)->toString();

        return \sprintf('%02d-%s', $i + 1, '' === $slug ? 'untitled' : $slug);
    }

    private static function readme(string $whose, \DateTimeImmutable $now, bool $again = true): string
    {
        return \sprintf("Everything that Rostik keeps %s, exported on %s.\n\n%s", $whose, $now->format('j F Y'), $again
            ? "data.json holds all of it, and can be imported into Rostik again: Your account, Your data, Import.\nThe other files are the same as lists: sheets and timetables as text, and for each class its children, what they can do\nand what was marked, to be opened in any spreadsheet.\n\nThese files hold children's names and marks. Keep them as your school's policy says, and no longer than it says.\n"
            : "child.json holds all of it; answers.csv is what was marked, to be opened in any spreadsheet.\nNothing else is kept of this child.\n");
    }
}
