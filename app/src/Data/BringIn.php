<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\ChildEntry;
use Rostik\App\Classroom\ClassRequest;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Evidence\KeptGroups;
use Rostik\App\Evidence\RungWord;
use Rostik\App\Marking\Paper;
use Rostik\App\Marking\Pile;
use Rostik\App\Marking\PilePart;
use Rostik\App\Sheet\Copy;
use Rostik\App\Sheet\CopyBase;
use Rostik\App\Sheet\Question;
use Rostik\App\Sheet\QuestionRequest;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\Quota;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Sheet\Sheets;
use Rostik\App\Storage\ZipFile;
use Rostik\App\Timetable\Timetables;
use Rostik\Core\Board\OwnTimes;
use Rostik\Core\Evidence\Standing;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Sheet\Code;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Uid\Uuid;

/**
 * Brings in what {@see Takeout} took out, beside what is there: everything gets an identity of its own, so nothing that is
 * there is changed, and the same file brought in twice is there twice. All of it is brought in, or nothing.
 */
final class BringIn
{
    /** Bytes of `data.json`. */
    public const LARGEST = 60_000_000;

    private const MOST_PILES = 2000;

    /** @var array<string, Classroom> by the id that it had */
    private array $classes = [];

    /** @var array<string, Child> by the id that it had */
    private array $children = [];

    /** @var array<string, Uuid> families of sheets and sets of copies, by the id that they had */
    private array $together = [];

    /** @var array<string, Sheet> by the id that it had */
    private array $sheetsBefore = [];

    /** @var array<string, CopyBase> by the id of its set */
    private array $bases = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly FromFile $from,
        private readonly Classrooms $classrooms,
        private readonly Sheets $sheets,
        private readonly Timetables $timetables,
        private readonly Quota $quota,
        private readonly ClockInterface $clock,
        private readonly BringInDays $days,
    ) {
    }

    /**
     * @param string $bytes of the zip, or of its data.json
     *
     * @throws CannotBeHad where it is no such file, or holds what there is no room for
     */
    public function bring(Teacher $teacher, string $bytes): BroughtReply
    {
        $json = str_starts_with($bytes, 'PK') ? ZipFile::read($bytes, 'data.json', self::LARGEST) : $bytes;
        $data = null === $json ? null : json_decode($json, true, 32);
        if (!\is_array($data) || !\is_int($data['rostik'] ?? null)) {
            throw new CannotBeHad('This is no file that Rostik has taken out. It is a zip with a file data.json in it.');
        }
        if ($data['rostik'] > Takeout::VERSION) {
            throw new CannotBeHad('This file is from a newer Rostik than this one.');
        }
        [$this->classes, $this->children, $this->together, $this->sheetsBefore, $this->bases] = [[], [], [], [], []];

        return $this->entities->wrapInTransaction(function () use ($teacher, $data): BroughtReply {
            // all of it at once, before anything is there
            $this->classrooms->room($teacher, \count(Read::all($data, 'classes')));
            $this->quota->sheets($teacher, \count(Read::all($data, 'sheets')));
            $there = $this->entities->getRepository(Pile::class)->count(['owner' => $teacher]);
            foreach (Read::all($data, 'classes') as $class) {
                $this->classroom($teacher, $class);
            }
            $sheets = 0;
            foreach (Read::all($data, 'sheets') as $sheet) {
                $this->sheet($teacher, $sheet);
                ++$sheets;
            }
            $this->copies($teacher, Read::all($data, 'copies'));
            $tables = 0;
            foreach (Read::all($data, 'timetables') as $table) {
                $this->table($teacher, $table);
                ++$tables;
            }
            $piles = 0;
            foreach (Read::all($data, 'piles') as $pile) {
                if ($there + ++$piles > self::MOST_PILES) {
                    throw new CannotBeHad('There are more papers in it than one teacher keeps.');
                }
                $this->pile($teacher, $pile);
            }
            $days = $this->days->bring($teacher, $data, $this->classes, $this->children, $this->sheetsBefore);
            $this->entities->flush();

            return new BroughtReply($sheets, \count($this->classes), \count($this->children), $piles, $tables, $days['practices'], $days['lessons']);
        });
    }

    /** @param array<mixed> $kept */
    private function classroom(Teacher $teacher, array $kept): void
    {
        $entries = [];
        foreach (Read::all($kept, 'children') as $child) {
            $entries[Read::text($child, 'id')] = new ChildEntry(Uuid::v7()->toRfc4122(), Read::text($child, 'name'));
        }
        $wanted = $this->from->mapped(['children' => []] + array_intersect_key($kept, ['name' => 0, 'taught' => 0, 'style' => 0, 'weekend' => 0, 'weekBegins' => 0]), ClassRequest::class);
        $wanted = new ClassRequest($wanted->name, array_values($entries), $wanted->taught, $wanted->style, $wanted->weekend, $wanted->weekBegins);
        $this->from->checked($wanted);
        $class = $this->classrooms->put($teacher, Uuid::v7()->toRfc4122(), $wanted);
        foreach (\is_array($kept['methods'] ?? null) ? $kept['methods'] : [] as $kind => $method) {
            $kind = Kind::tryFrom((string) $kind);
            if (null !== $kind && \is_string($method) && \strlen($method) <= 60) {
                $class->useMethod($kind, $method);
            }
        }
        $times = Read::text($kept, 'clockTimes');
        try {
            OwnTimes::read($times);
            $class->useClockTimes(mb_substr($times, 0, 2000));
        } catch (NotUnderstood) {
            // what no clock shows is left out
        }
        $this->classes[Read::text($kept, 'id')] = $class;
        $now = array_combine(array_map(static fn (Child $child): string => $child->id()->toRfc4122(), $class->children()), $class->children());
        foreach ($entries as $was => $entry) {
            if (isset($now[$entry->id])) {
                $this->children[$was] = $now[$entry->id];
            }
        }
        $said = [];
        foreach (Read::all($kept, 'words') as $word) {
            $child = $this->children[Read::text($word, 'child')] ?? null;
            $standing = Standing::tryFrom(Read::text($word, 'standing'));
            $rung = Read::text($word, 'rung', 60);
            if (null !== $child && null !== $standing && !isset($said[$child->id()->toRfc4122().$rung])) {
                $said[$child->id()->toRfc4122().$rung] = true;
                $this->entities->persist(new RungWord($child, $rung, $standing, Read::moment($word, 'saidAt') ?? $this->clock->now()));
            }
        }
        $groups = [];
        foreach (Read::all($kept, 'groups') as $group) {
            $in = [];
            foreach (\is_array($group['children'] ?? null) ? $group['children'] : [] as $id) {
                $child = \is_string($id) ? $this->children[$id] ?? null : null;
                if (null !== $child) {
                    $in[] = $child->id()->toRfc4122();
                }
            }
            $groups[] = ['kind' => Read::text($group, 'kind'), 'cause' => Read::textOrNone($group, 'cause'), 'rung' => Read::textOrNone($group, 'rung'), 'reason' => Read::text($group, 'reason'), 'look' => Read::text($group, 'look'), 'children' => $in];
        }
        if ([] !== $groups) {
            $this->entities->persist(new KeptGroups($class, $groups, $this->clock->now()));
        }
    }

    /** @param array<mixed> $kept */
    private function sheet(Teacher $teacher, array $kept): void
    {
        $questions = [];
        foreach (Read::all($kept, 'questions') as $question) {
            $questions[] = new QuestionRequest(Uuid::v4()->toRfc4122(), $this->from->question($question['text'] ?? null), true === ($question['locked'] ?? false));
        }
        if (\count($questions) > 100) {
            throw new CannotBeHad('A sheet in it has more than 100 questions.');
        }
        $family = Read::textOrNone($kept, 'family');
        $together = null === $family ? null : ($this->together[$family] ??= Uuid::v7());
        $sheet = $this->sheets->new($teacher, Read::text($kept, 'title', 120), $questions, $this->classes[Read::text($kept, 'classId')] ?? null, $this->from->settings($kept), $together);
        $this->sheetsBefore[Read::text($kept, 'id')] = $sheet;
        $sheet->archive(true === ($kept['archived'] ?? false) ? $this->clock->now() : null);
    }

    /**
     * Copies keep their codes, so that printed papers find their keys; one whose code is another's by now is left out.
     *
     * @param list<array<mixed>> $all
     */
    private function copies(Teacher $teacher, array $all): void
    {
        $this->quota->copies($teacher, \count($all));
        $used = [];
        foreach ($this->entities->getRepository(Copy::class)->findBy(['owner' => $teacher]) as $copy) {
            $used[$copy->code()] = true;
        }
        foreach ($all as $i => $kept) {
            $sheet = $this->sheetsBefore[Read::text($kept, 'sheet')] ?? null;
            $code = Code::typed(Read::text($kept, 'code'));
            if (null === $sheet || null === $code || isset($used[(string) $code])) {
                continue;
            }
            $used[(string) $code] = true;
            $set = $this->together['set '.Read::text($kept, 'set')] ??= Uuid::v7();
            $base = $this->bases[$set->toRfc4122()] ?? null;
            if (null === $base) {
                $this->bases[$set->toRfc4122()] = $base = new CopyBase($set, $sheet, array_map(static fn (Question $q): QuestionText => $q->text(), $sheet->questions()));
                $this->entities->persist($base);
            }
            $moved = $kept['moved'] ?? 0;
            $this->entities->persist(new Copy($sheet, $set, $i, $code, $this->children[Read::text($kept, 'child')] ?? null, $this->from->questions($kept['questions'] ?? null), $base, Read::moment($kept, 'madeAt') ?? $this->clock->now(), \is_int($moved) ? max(-1440, min(1440, $moved)) : 0));
        }
    }

    /** @param array<mixed> $kept */
    private function table(Teacher $teacher, array $kept): void
    {
        try {
            $this->timetables->keep($teacher, Read::text($kept, 'title', 120), Vehicle::tryFrom(Read::text($kept, 'vehicle')) ?? Vehicle::Service, Read::text($kept, 'csv', self::LARGEST));
        } catch (NotATable $no) {
            throw new CannotBeHad(\sprintf('The timetable “%s” in it cannot be read: %s', Read::text($kept, 'title'), $no->getMessage()));
        }
    }

    /** @param array<mixed> $kept */
    private function pile(Teacher $teacher, array $kept): void
    {
        $now = $this->clock->now();
        $pile = new Pile($teacher, $this->classes[Read::text($kept, 'classId')] ?? null, Read::text($kept, 'title', 120), Read::moment($kept, 'onDay') ?? $now, $now);
        $pile->set(null, null, true === ($kept['byChildren'] ?? false), false !== ($kept['nearlyCounts'] ?? true));
        $parts = \array_slice(Read::all($kept, 'parts'), 0, 10);
        foreach ($parts as $i => $part) {
            $pile->add(new PilePart($pile, $i, null, $this->from->settings($part), $this->from->questions($part['questions'] ?? null)));
        }
        foreach (\array_slice(Read::all($kept, 'papers'), 0, 200) as $i => $one) {
            $own = $one['own'] ?? null;
            $place = \is_int($one['part'] ?? null) ? max(0, min(\count($parts) - 1, $one['part'])) : 0;
            $paper = new Paper($pile, $i, $this->children[Read::text($one, 'child')] ?? null, substr(Read::text($one, 'code'), 0, 4), $place, null === $own ? null : $this->from->questions($own), \is_int($one['moved'] ?? null) ? max(-1440, min(1440, $one['moved'])) : 0);
            $paper->set(true === ($one['absent'] ?? false), null);
            foreach (\array_slice(Read::all($one, 'marks'), 0, 200) as $mark) {
                $question = $mark['question'] ?? null;
                if (\is_int($question) && $question >= 0 && $question < 200) {
                    $over = $mark['over'] ?? null;
                    $paper->mark($question, new Written(Read::text($mark, 'given', 300), Sign::tryFrom(Read::text($mark, 'sign')), \is_bool($over) ? $over : null), $pile->revise());
                }
            }
            $pile->lay($paper);
        }
        $this->entities->persist($pile);
    }
}
