<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Activity\PlayedGame;
use Rostik\App\Activity\Tally;
use Rostik\App\Activity\TallyTry;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Plan\PlannedLesson;
use Rostik\App\Plan\Plans;
use Rostik\App\Practice\Practice;
use Rostik\App\Practice\Put;
use Rostik\App\Practice\Seat;
use Rostik\App\Sheet\QuestionText;

/** What a class did on its days, and is to do, as {@see Takeout} writes it and {@see BringInDays} reads it. */
final readonly class TakeoutDays
{
    public function __construct(private EntityManagerInterface $entities, private Plans $plans)
    {
    }

    /** @return array<string, mixed> */
    public function of(Classroom ...$classes): array
    {
        $all = ['practices' => [], 'tallies' => [], 'games' => [], 'courses' => [], 'lessons' => []];
        foreach ($classes as $class) {
            array_push($all['practices'], ...$this->practices($class));
            array_push($all['tallies'], ...$this->tallies($class));
            array_push($all['games'], ...$this->games($class));
            array_push($all['courses'], ...$this->courses($class));
            array_push($all['lessons'], ...$this->lessons($class));
        }

        return $all;
    }

    /**
     * What was answered at tablets, question by question. Codes and keys stay behind: a practice that was taken out has ended.
     *
     * @return list<array<string, mixed>>
     */
    private function practices(Classroom $class): array
    {
        return array_map(fn (Practice $practice): array => [
            'classId' => $class->id()->toRfc4122(),
            'title' => $practice->title(),
            'what' => $practice->of()->value,
            'rungs' => $practice->rungs(),
            'each' => $practice->questions(),
            'numbers' => $practice->isByNumbers(),
            'target' => $practice->target(),
            'openedAt' => $practice->openedAt()->format(\DATE_ATOM),
            'closedAt' => $practice->closedAt()->format(\DATE_ATOM),
            'lastWord' => $practice->lastWord(),
            'sheet' => array_map(static fn (QuestionText $text): array => $text->kept(), $practice->sheet()),
            'timetable' => $practice->timetable(),
            'before' => array_map(static fn (string $child, array $rungs): array => ['child' => $child, 'rungs' => $rungs], array_keys($practice->earlier()), $practice->earlier()),
            'tablets' => array_map($this->tablet(...), $this->entities->getRepository(Seat::class)->findBy(['practice' => $practice], ['cameAt' => 'ASC', 'id' => 'ASC'])),
        ], $this->entities->getRepository(Practice::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['openedAt' => 'ASC', 'id' => 'ASC']));
    }

    /** @return array<string, mixed> */
    private function tablet(Seat $seat): array
    {
        $puts = array_values(array_filter($this->entities->getRepository(Put::class)->findBy(['seat' => $seat], ['place' => 'ASC', 'id' => 'ASC']), static fn (Put $put): bool => null !== $put->isRight()));

        return [
            'child' => $seat->child()?->id()->toRfc4122(),
            'partner' => $seat->partner()?->id()->toRfc4122(),
            'number' => $seat->number(),
            'cameAt' => $seat->cameAt()->format(\DATE_ATOM),
            'finished' => $seat->isFinished(),
            'questions' => array_map(static fn (Put $put): array => [
                'place' => $put->place(),
                'text' => $put->text()->kept(),
                'rung' => $put->rung(),
                'level' => $put->proposal()->level->value,
                'why' => $put->why()->value,
                'chance' => round($put->proposal()->chance, 4),
                'answers' => $put->answers(),
                'help' => $put->help(),
                'right' => $put->isRight(),
                'answeredAt' => $put->answeredAt()?->format(\DATE_ATOM),
            ], $puts),
        ];
    }

    /**
     * Tries to feel a length of time, in tenths of a second.
     *
     * @return list<array<string, mixed>>
     */
    private function tallies(Classroom $class): array
    {
        return array_map(fn (Tally $tally): array => [
            'classId' => $class->id()->toRfc4122(),
            'takenAt' => $tally->takenAt()->format(\DATE_ATOM),
            'target' => $tally->target(),
            'exactly' => $tally->exactly(),
            'doing' => $tally->doing(),
            'tries' => array_map(static fn (TallyTry $one): array => ['tenths' => $one->tenths(), 'child' => $one->child()?->id()->toRfc4122()], $this->entities->getRepository(TallyTry::class)->findBy(['tally' => $tally], ['place' => 'ASC'])),
        ], $this->entities->getRepository(Tally::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['takenAt' => 'ASC', 'id' => 'ASC']));
    }

    /**
     * How long the class took over activities.
     *
     * @return list<array<string, mixed>>
     */
    private function games(Classroom $class): array
    {
        return array_map(static fn (PlayedGame $game): array => ['classId' => $class->id()->toRfc4122(), 'activity' => $game->activity(), 'turns' => $game->turns(), 'seconds' => $game->seconds(), 'playedAt' => $game->playedAt()->format(\DATE_ATOM)], $this->entities->getRepository(PlayedGame::class)->findBy(['classroom' => $class], ['playedAt' => 'ASC', 'id' => 'ASC']));
    }

    /**
     * What the class is to learn and when it has its lessons; the address of its calendar stays behind.
     *
     * @return list<array<string, mixed>>
     */
    private function courses(Classroom $class): array
    {
        $course = $this->plans->course($class);

        return null === $course ? [] : [['classId' => $class->id()->toRfc4122(), 'wanted' => $course->wanted()]];
    }

    /** @return list<array<string, mixed>> */
    private function lessons(Classroom $class): array
    {
        return array_map(fn (PlannedLesson $lesson): array => [
            'classId' => $class->id()->toRfc4122(),
            'onDay' => $lesson->on(),
            'start' => $lesson->slot()->start,
            'minutes' => $lesson->slot()->minutes,
            'title' => $this->plans->title($lesson),
            'rung' => $lesson->rung(),
            'purpose' => $lesson->purpose()->value,
            'why' => $lesson->why(),
            'state' => $lesson->state()->value,
            'note' => $lesson->note(),
            'took' => $lesson->took(),
            'ready' => $lesson->ready(),
            'sheets' => $lesson->sheets(),
            'levels' => $lesson->levels(),
            'parts' => $lesson->parts(),
        ], $this->plans->lessons($class));
    }
}
