<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Sheet\Sheets;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrowed;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Planned;
use Rostik\Core\Activity\Shorter;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;

/** Activities for a class: which there are, how long they take with these children, and what they took. */
final readonly class Planning
{
    /** A class without a list is taken to have so many children. */
    private const CHILDREN = 24;

    /** So many games of an activity are kept of a class. */
    private const KEPT = 60;

    public function __construct(private EntityManagerInterface $entities, private Activities $activities, private Classrooms $classrooms, private Sheets $sheets, private SumReader $reader, private ClockInterface $clock)
    {
    }

    /** @return list<ActivityLineReply> in the order of the list */
    public function all(Teacher $teacher, AskActivityRequest $wanted): array
    {
        $class = $this->classroom($teacher, $wanted);
        $seen = null === $class ? [] : $this->games($class);
        $borrowed = $this->borrowed($wanted);
        $lines = [];
        foreach ($this->activities->ids() as $id) {
            $intro = $this->activities->activity($id)->intro();
            $planned = $this->activities->plan($id, self::children($class, $wanted), $wanted->group, $wanted->level, $wanted->seed, $intro->presets[$wanted->rung ?? ''] ?? [], self::style($class), $seen[$id] ?? [], shorter: false, borrowed: $borrowed);
            $lines[] = new ActivityLineReply(
                $id,
                $intro->title,
                $intro->aim,
                $intro->sort->value,
                $intro->rungs,
                array_map(static fn (AtHand $one): string => $one->value, $intro->needs),
                self::whole($planned->minutes->expected),
                $planned->minutes->said(),
                $intro->sizes->isTogether(),
                $intro->sizes->isTogether() ? 1 : $intro->sizes->least,
                $intro->sizes->most,
                null !== $intro->borrows && $borrowed->isEnoughOf($intro->borrows),
            );
        }

        return $lines;
    }

    /** @throws NoSuchActivity */
    public function plan(Teacher $teacher, string $id, AskActivityRequest $wanted): Planned
    {
        $class = $this->classroom($teacher, $wanted);
        $preset = $this->activities->activity($id)->intro()->presets[$wanted->rung ?? ''] ?? [];

        return $this->activities->plan($id, self::children($class, $wanted), $wanted->group, $wanted->level, $wanted->seed, $wanted->options + $preset, self::style($class), null === $class ? [] : $this->games($class)[$id] ?? [], array_keys($preset), borrowed: $this->borrowed($wanted));
    }

    /** @throws NoSuchActivity */
    public function reply(Teacher $teacher, string $id, AskActivityRequest $wanted): PlannedActivityReply
    {
        $planned = $this->plan($teacher, $id, $wanted);
        $class = $this->classroom($teacher, $wanted);
        $intro = $planned->intro;

        return new PlannedActivityReply(
            $id,
            $intro->title,
            $intro->aim,
            $intro->sort->value,
            $intro->rungs,
            $intro->sizes->isTogether(),
            $intro->sizes->isTogether() ? 1 : $intro->sizes->least,
            $intro->sizes->most,
            $planned->wanted->children,
            $planned->wanted->group,
            $planned->wanted->groups(),
            array_map(static fn (AtHand $one): string => $one->said(), $intro->needs),
            array_map(static fn (Option $one): OptionReply => new OptionReply($one->id, $one->title, $one->choices, $planned->wanted->option($one->id)), $intro->options),
            $intro->cautions,
            $intro->turn,
            $planned->turns->isChance(),
            round($planned->turns->expected(), 2),
            $planned->turns->within(0.9),
            $planned->turns->error,
            self::whole($planned->minutes->expected),
            (int) ceil($planned->minutes->p90),
            $planned->minutes->said(),
            (int) ceil($planned->minutes->all),
            round($planned->seconds, 1),
            null === $class ? 0 : \count($this->games($class)[$id] ?? []),
            array_map(static fn (Shorter $one): ShorterReply => self::shorter($one, $planned), $planned->shorter),
            $planned->made->materials,
            $planned->made->steps,
            $planned->made->words,
            $planned->made->notes,
            $planned->made->numbers,
        );
    }

    /**
     * Keeps how long it took; the oldest gives way.
     *
     * @throws NoSuchActivity
     */
    public function played(Classroom $class, PlayedRequest $played): void
    {
        $this->activities->activity($played->activity);
        $this->entities->persist(new PlayedGame($class, $played->activity, $played->turns, $played->seconds, $this->clock->now()));
        $earlier = $this->entities->getRepository(PlayedGame::class)->findBy(['classroom' => $class, 'activity' => $played->activity], ['playedAt' => 'DESC', 'id' => 'DESC'], null, self::KEPT - 1);
        array_map($this->entities->remove(...), $earlier);
        $this->entities->flush();
    }

    public function classroom(Teacher $teacher, AskActivityRequest $wanted): ?Classroom
    {
        return null === $wanted->class ? $this->classrooms->inHand($teacher) : $this->classrooms->get($teacher, $wanted->class);
    }

    /** The numbers of the sheet that is named, as far as it can be read; a question about a timetable has none. */
    private function borrowed(AskActivityRequest $wanted): Borrowed
    {
        if (null === $wanted->sheet) {
            return Borrowed::nothing();
        }
        $sums = [];
        foreach ($this->sheets->get($wanted->sheet)->sums() as $text) {
            try {
                $sums[] = $this->reader->read($text)->sum;
            } catch (NotUnderstood) {
                continue;
            }
        }

        return Borrowed::ofSums(...$sums);
    }

    /** @return array<string, list<array{turns: int, seconds: float}>> by activity, the earliest first */
    public function games(Classroom $class): array
    {
        $seen = [];
        foreach ($this->entities->getRepository(PlayedGame::class)->findBy(['classroom' => $class], ['playedAt' => 'ASC', 'id' => 'ASC']) as $game) {
            $seen[$game->activity()][] = ['turns' => $game->turns(), 'seconds' => (float) $game->seconds()];
        }

        return $seen;
    }

    private static function children(?Classroom $class, AskActivityRequest $wanted): int
    {
        $there = \count($class?->children() ?? []);

        return $wanted->children ?? min(40, 0 === $there ? self::CHILDREN : $there);
    }

    private static function style(?Classroom $class): Style
    {
        return $class?->style() ?? new Style();
    }

    private static function shorter(Shorter $one, Planned $planned): ShorterReply
    {
        foreach ($one->options as $option => $choice) {
            if ($choice !== $planned->wanted->option($option)) {
                return new ShorterReply($one->change, $option, $choice, self::whole($one->minutes));
            }
        }

        return new ShorterReply($one->change, null, (string) $one->group, self::whole($one->minutes));
    }

    private static function whole(float $minutes): int
    {
        return max(1, (int) round($minutes));
    }
}
