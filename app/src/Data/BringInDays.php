<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Activity\PlayedGame;
use Rostik\App\Activity\Tally;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Plan\Course;
use Rostik\App\Plan\CourseText;
use Rostik\App\Plan\Kept;
use Rostik\App\Plan\LessonRequest;
use Rostik\App\Plan\LessonState;
use Rostik\App\Plan\PartText;
use Rostik\App\Plan\PlannedLesson;
use Rostik\App\Plan\When;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\PracticeOf;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Sheet\SheetTable;
use Rostik\App\Storage\Values;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Step;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Uid\Uuid;

/**
 * Brings in what {@see TakeoutDays} took out. Practices have ended, whatever they were; what speaks of rungs and mistakes that
 * are not known here, or of children and classes that the file does not have, is left out.
 */
final readonly class BringInDays
{
    /** Practices, tallies and lessons, each. */
    private const MOST = 4000;

    public function __construct(private EntityManagerInterface $entities, private FromFile $from, private Ladder $ladder, private MistakeBook $mistakes, private Kept $kept, private Values $values, private ClockInterface $clock)
    {
    }

    /**
     * @param array<mixed>             $data
     * @param array<string, Classroom> $classes  by the id that they had
     * @param array<string, Child>     $children
     * @param array<string, Sheet>     $sheets
     *
     * @return array{practices: int, tallies: int, games: int, courses: int, lessons: int} how many were brought in
     *
     * @throws CannotBeHad for more than one teacher keeps, or what was written by something else
     */
    public function bring(Teacher $teacher, array $data, array $classes, array $children, array $sheets): array
    {
        $brought = ['practices' => 0, 'tallies' => 0, 'games' => 0, 'courses' => 0, 'lessons' => 0];
        foreach (array_keys($brought) as $what) {
            $all = Read::all($data, $what);
            if (\count($all) > self::MOST) {
                throw new CannotBeHad('There is more in it than one teacher keeps.');
            }
            foreach ($all as $one) {
                $class = $classes[Read::text($one, 'classId')] ?? null;
                if (null !== $class) {
                    $brought[$what] += (int) match ($what) {
                        'practices' => $this->practice($teacher, $class, $one, $children),
                        'tallies' => $this->tally($class, $one, $children),
                        'games' => $this->game($class, $one),
                        'courses' => $this->course($class, $one),
                        'lessons' => $this->lesson($class, $one, $sheets),
                    };
                }
            }
        }

        return $brought;
    }

    /**
     * @param array<mixed>         $kept
     * @param array<string, Child> $children
     */
    private function practice(Teacher $teacher, Classroom $class, array $kept, array $children): bool
    {
        $opened = Read::moment($kept, 'openedAt') ?? Read::moment($kept, 'onDay');
        if (null === $opened) {
            return false;
        }
        $closed = min($this->clock->now(), max($opened, Read::moment($kept, 'closedAt') ?? $opened));
        $table = \is_array($kept['timetable'] ?? null) ? $kept['timetable'] : null;
        $of = PracticeOf::tryFrom(Read::text($kept, 'what')) ?? PracticeOf::Needs;
        $practice = new Practice(
            $class,
            $teacher,
            '',
            $of,
            Read::words($kept, 'rungs'),
            PracticeOf::Sheet === $of ? $this->from->questions($kept['sheet'] ?? null) : null,
            Read::text($kept, 'title', 120),
            Read::number($kept, 'each', 1, 200, 10),
            false,
            true === ($kept['numbers'] ?? false),
            $opened,
            $closed,
            null === $table ? null : new SheetTable(Read::text($table, 'title', 120), Vehicle::tryFrom(Read::text($table, 'vehicle')) ?? Vehicle::Service, Read::text($table, 'csv', 40_000)),
            \is_int($kept['target'] ?? null) ? Read::number($kept, 'target', 1, 3600, 60) : null,
        );
        $practice->close($closed, Read::text($kept, 'lastWord', 120));
        $before = [];
        foreach (Read::all($kept, 'before') as $one) {
            $child = $children[Read::text($one, 'child')] ?? null;
            if (null !== $child) {
                $before[$child->id()->toRfc4122()] = self::before(\is_array($one['rungs'] ?? null) ? $one['rungs'] : []);
            }
        }
        $practice->remember($before);
        $this->entities->persist($practice);
        foreach (\array_slice(Read::all($kept, 'tablets'), 0, 200) as $tablet) {
            $seat = new Seat($practice, $children[Read::text($tablet, 'child')] ?? null, $children[Read::text($tablet, 'partner')] ?? null, Read::number($tablet, 'number', 1, 200, 1), bin2hex(random_bytes(32)), Read::moment($tablet, 'cameAt') ?? $opened, 0);
            if (true === ($tablet['finished'] ?? false)) {
                $seat->finish();
            }
            $seat->leave($closed);
            $this->entities->persist($seat);
            foreach (\array_slice(Read::all($tablet, 'questions'), 0, 1000) as $i => $one) {
                $this->put($seat, $one, $i, $closed);
            }
        }

        return true;
    }

    /**
     * @param array<mixed> $rungs
     *
     * @return array<string, list<array{bool, string}>> by rung
     */
    private static function before(array $rungs): array
    {
        $before = [];
        foreach ($rungs as $rung => $seen) {
            foreach (\is_array($seen) ? $seen : [] as $answer) {
                if (\is_array($answer) && \is_bool($answer[0] ?? null) && \is_string($answer[1] ?? null)) {
                    $before[(string) $rung][] = [$answer[0], mb_substr($answer[1], 0, 10)];
                }
            }
        }

        return $before;
    }

    /** @param array<mixed> $kept */
    private function put(Seat $seat, array $kept, int $i, \DateTimeImmutable $closed): void
    {
        $rung = Read::text($kept, 'rung', 60);
        $right = $kept['right'] ?? null;
        // a question that is on no rung has none
        if (('' !== $rung && !$this->isRung($rung)) || !\is_bool($right)) {
            return;
        }
        $answers = [];
        foreach (\array_slice(Read::all($kept, 'answers'), 0, 50) as $answer) {
            $mistake = Read::textOrNone($answer, 'mistake');
            $answers[] = [
                'given' => Read::text($answer, 'given', 300),
                'signal' => (Signal::tryFrom(Read::text($answer, 'signal')) ?? Signal::Unclear)->value,
                'read' => Read::text($answer, 'read', 300),
                'mistake' => null !== $mistake && $this->isMistake($mistake) ? $mistake : null,
            ];
        }
        $chance = $kept['chance'] ?? 0;
        $put = new Put($seat, Read::number($kept, 'place', 0, 1000, $i), new Proposal($rung, Level::tryFrom(Read::text($kept, 'level')) ?? Level::Core, Why::tryFrom(Read::text($kept, 'why')) ?? Why::Learning, \is_float($chance) || \is_int($chance) ? max(0.0, min(1.0, (float) $chance)) : 0.0, 0), $this->from->question($kept['text'] ?? null));
        $put->was($answers, Read::number($kept, 'help', 0, 3, 0), $right, \array_key_exists('answeredAt', $kept) ? Read::moment($kept, 'answeredAt') : $closed);
        $this->entities->persist($put);
    }

    /**
     * @param array<mixed>         $kept
     * @param array<string, Child> $children
     */
    private function tally(Classroom $class, array $kept, array $children): bool
    {
        $taken = Read::moment($kept, 'takenAt') ?? Read::moment($kept, 'onDay');
        if (null === $taken) {
            return false;
        }
        $tally = new Tally(Uuid::v7(), $class, Read::number($kept, 'target', 1, 3600, 30), Read::number($kept, 'exactly', 0, 600, 10), $taken, Read::text($kept, 'doing', 60));
        $this->entities->persist($tally);
        foreach (\array_slice(Read::all($kept, 'tries'), 0, 400) as $i => $one) {
            $this->entities->persist(new TallyTry($tally, $i, Read::number($one, 'tenths', 0, 30_000, 0), $children[Read::text($one, 'child')] ?? null));
        }

        return true;
    }

    /** @param array<mixed> $kept */
    private function game(Classroom $class, array $kept): bool
    {
        $played = Read::moment($kept, 'playedAt');
        if (null === $played) {
            return false;
        }
        $this->entities->persist(new PlayedGame($class, Read::text($kept, 'activity', 40), Read::number($kept, 'turns', 1, 10_000, 1), Read::number($kept, 'seconds', 1, 20_000, 1), $played));

        return true;
    }

    /** @param array<mixed> $kept */
    private function course(Classroom $class, array $kept): bool
    {
        $course = new Course($class);
        $course->become(\is_array($kept['wanted'] ?? null) ? $kept['wanted'] : []);
        $text = $this->kept->course($course);
        $known = new CourseText(array_values(array_filter($text->wanted, $this->isRung(...))), array_values(array_filter($text->had, $this->isRung(...))), $text->week, $text->first, $text->lessons, $text->off, $text->seed);
        if (!$this->from->isFine($known)) {
            return false;
        }
        $course->become($this->kept->write($known));
        $this->entities->persist($course);

        return true;
    }

    /**
     * @param array<mixed>         $kept
     * @param array<string, Sheet> $sheets
     */
    private function lesson(Classroom $class, array $kept, array $sheets): bool
    {
        $day = Read::moment($kept, 'onDay');
        $rung = Read::text($kept, 'rung', 60);
        if (null === $day || !$this->isRung($rung)) {
            return false;
        }
        $note = Read::text($kept, 'note');
        $request = $this->from->checked(new LessonRequest(1, array_map(fn (array $one): PartText => $this->values->read(PartText::class, $one), Read::all($kept, 'parts')), $note, Read::words($kept, 'ready', 60)));
        $slot = new Slot(When::date($day->format('Y-m-d')), Read::number($kept, 'start', 0, 1439, 540), Read::number($kept, 'minutes', Slot::LEAST, Slot::MOST, 60));
        $counts = static fn (string $name, int $most): array => array_map(static fn (mixed $one): int => max(0, min($most, \is_int($one) ? $one : 0)), array_filter(\is_array($kept[$name] ?? null) ? $kept[$name] : [], static fn (mixed $one, int|string $key): bool => \is_string($key) && \strlen($key) <= 40, \ARRAY_FILTER_USE_BOTH));
        $lesson = new PlannedLesson($class, new Lesson($slot, new Step($rung, Purpose::tryFrom(Read::text($kept, 'purpose')) ?? Purpose::New, Read::text($kept, 'why', 400)), []), $this->kept->writeParts($request->parts), $counts('levels', 200));
        $lesson->fill($this->kept->writeParts($request->parts), $note);
        $lesson->isReadyWith($request->ready);
        $lesson->went(LessonState::tryFrom(Read::text($kept, 'state')) ?? LessonState::Planned, $counts('took', 240));
        $has = [];
        foreach (\is_array($kept['sheets'] ?? null) ? $kept['sheets'] : [] as $for => $id) {
            $sheet = \is_string($id) ? $sheets[$id] ?? null : null;
            if (null !== $sheet && \is_string($for)) {
                $has[$for] = $sheet->id()->toRfc4122();
            }
        }
        $lesson->has($has);
        $this->entities->persist($lesson);

        return true;
    }

    private function isRung(string $id): bool
    {
        try {
            $this->ladder->rung($id);

            return true;
        } catch (NoSuchRung) {
            return false;
        }
    }

    private function isMistake(string $id): bool
    {
        try {
            $this->mistakes->mistake($id);

            return true;
        } catch (\OutOfBoundsException) {
            return false;
        }
    }
}
