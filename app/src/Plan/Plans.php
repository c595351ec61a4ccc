<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Classroom;
use Rostik\Core\Notation\TypedField;
use Rostik\Core\Plan\DaysOff;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Levels;
use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\Planner;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Slots;
use Rostik\Core\Plan\Topic;
use Rostik\Core\Plan\Weekly;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Skill\Rung;

/** The lessons of a class: planning them, and when each is. What was taught stays. */
final readonly class Plans
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Planner $planner,
        private Ladder $ladder,
        private FactsOfClass $facts,
        private Kept $kept,
        private Waiting $waiting,
        private ClockInterface $clock,
    ) {
    }

    public function course(Classroom $class): ?Course
    {
        return $this->entities->getRepository(Course::class)->findOneBy(['classroom' => $class]);
    }

    /** @return list<PlannedLesson> the earliest first */
    public function lessons(Classroom $class): array
    {
        return $this->entities->getRepository(PlannedLesson::class)->findBy(['classroom' => $class, 'deletedAt' => null], ['onDay' => 'ASC', 'start' => 'ASC', 'id' => 'ASC']);
    }

    /** @return list<PlannedLesson> the last before a day (YYYY-MM-DD), the earliest first */
    public function before(Classroom $class, string $day, int $most): array
    {
        /** @var list<PlannedLesson> $lessons */
        $lessons = $this->entities->createQuery('SELECT l FROM '.PlannedLesson::class.' l WHERE l.classroom = :class AND l.deletedAt IS NULL AND l.onDay < :day ORDER BY l.onDay DESC, l.start DESC, l.id DESC')
            ->setParameter('class', $class->id(), 'uuid')
            ->setParameter('day', $day)
            ->setMaxResults($most)
            ->getResult();

        return array_reverse($lessons);
    }

    /** @return list<PlannedLesson> the last of which it was said how they went, the earliest first */
    public function taught(Classroom $class, int $most): array
    {
        return array_reverse($this->entities->getRepository(PlannedLesson::class)->findBy(['classroom' => $class, 'deletedAt' => null, 'state' => [LessonState::Done, LessonState::Partly]], ['onDay' => 'DESC', 'start' => 'DESC', 'id' => 'DESC'], $most));
    }

    /** How many lessons there are. */
    public function count(Classroom $class): int
    {
        return $this->entities->getRepository(PlannedLesson::class)->count(['classroom' => $class, 'deletedAt' => null]);
    }

    /** @param list<string> $said */
    public function reply(Classroom $class, array $said = []): PlanReply
    {
        $course = $this->course($class);
        $lessons = $this->lessons($class);
        $now = $this->clock->now();
        $waiting = $this->waiting->of($class, $lessons);

        return new PlanReply(
            null === $course || [] === $course->wanted() ? null : $this->kept->course($course),
            true === $course?->hasFeed(),
            array_map(fn (PlannedLesson $one): LessonLineReply => $this->line($one, $this->waiting->word($one, $waiting, $now)), $lessons),
            $waiting,
            $said,
            $now->format('Y-m-d'),
            $now->format('H:i'),
        );
    }

    /**
     * Plans anew what has not been taught yet: from the first day that is wanted on. What lies before it, and what was said of
     * lessons, stays.
     *
     * @return list<string> what was left out, and what is not reached
     *
     * @throws NoSuchRung
     */
    public function plan(Classroom $class, CourseText $wanted): array
    {
        $lessons = $this->lessons($class);
        $facts = $this->facts->all($class, $lessons, $wanted->had);
        $off = array_map(static fn (DaysOffText $one): DaysOff => new DaysOff(When::date($one->from), When::date($one->to)), $wanted->off);
        $week = array_map(static fn (WeeklyText $one): Weekly => new Weekly($one->weekday, When::minutes($one->start), $one->minutes), $wanted->week);
        $stays = $taken = [];
        foreach ($lessons as $lesson) {
            if (LessonState::Planned === $lesson->state() && $lesson->on() >= $wanted->first) {
                continue;
            }
            $stays[] = $lesson->id()->toRfc4122();
            $taken[self::key($lesson->slot())] = true;
        }
        // of an hour that is taken, or over, the next one
        $now = $this->clock->now();
        $over = static fn (Slot $slot): bool => $wanted->first === $now->format('Y-m-d') && $slot->date->iso() === $wanted->first && $slot->start <= When::minutes($now->format('H:i'));
        $slots = Slots::from(When::date($wanted->first), $wanted->lessons + \count($taken) + \count($week), $week, $off);
        $slots = \array_slice(array_values(array_filter($slots, static fn (Slot $slot): bool => !isset($taken[self::key($slot)]) && !$over($slot))), 0, $wanted->lessons);
        $plan = $this->planner->plan($wanted->wanted, $slots, $facts, $wanted->seed);
        $this->entities->wrapInTransaction(function () use ($class, $wanted, $lessons, $stays, $plan, $facts, $now): void {
            foreach ($lessons as $lesson) {
                if (!\in_array($lesson->id()->toRfc4122(), $stays, true)) {
                    // not gone for good yet: planning anew can be taken back
                    $lesson->delete($now);
                }
            }
            foreach ($plan->lessons as $lesson) {
                $this->entities->persist(new PlannedLesson($class, $lesson, $this->kept->writeParts(array_map(static fn (Part $part): PartText => PartText::of($part), $lesson->parts)), Levels::of($facts->of($lesson->step->rung))));
            }
            $course = $this->course($class) ?? new Course($class);
            $course->become($this->kept->write($wanted));
            $this->entities->persist($course);
        });
        $few = \count($slots) < $wanted->lessons ? [\sprintf('There is time for %d lessons only: too many days fall out.', \count($slots))] : [];

        return [...$few, ...$plan->said];
    }

    /**
     * Exactly these lessons are there: what was put away comes back, and what is not among them is put away. What was taught stays.
     *
     * @param list<string> $ids
     */
    public function bringBack(Classroom $class, array $ids): void
    {
        $ids = array_map(strtolower(...), $ids);
        $now = $this->clock->now();
        foreach ($this->entities->getRepository(PlannedLesson::class)->findBy(['classroom' => $class]) as $lesson) {
            $wanted = \in_array($lesson->id()->toRfc4122(), $ids, true);
            if ($wanted === $lesson->isDeleted() && ($wanted || LessonState::Planned === $lesson->state())) {
                $lesson->delete($wanted ? null : $now);
            }
        }
        $this->entities->flush();
    }

    /**
     * A lesson goes to the place of another; those between move up, each into the time of the next.
     *
     * @param list<PlannedLesson> $lessons those that can move, the earliest first
     */
    public function move(array $lessons, PlannedLesson $lesson, PlannedLesson $to): void
    {
        $slots = array_map(static fn (PlannedLesson $one): Slot => $one->slot(), $lessons);
        $order = array_values(array_filter($lessons, static fn (PlannedLesson $one): bool => $one !== $lesson));
        array_splice($order, (int) array_search($to, $lessons, true), 0, [$lesson]);
        foreach ($order as $i => $one) {
            if (self::key($one->slot()) !== self::key($slots[$i])) {
                $one->moveTo($slots[$i]);
            }
        }
        $this->entities->flush();
    }

    /** A lesson slips to the next time, and all after it likewise; the last one gets a time of its own. */
    public function slip(PlannedLesson $lesson): void
    {
        $class = $lesson->classroom();
        $moving = array_values(array_filter($this->lessons($class), static fn (PlannedLesson $one): bool => $one === $lesson || (LessonState::Planned === $one->state() && self::key($one->slot()) > self::key($lesson->slot()))));
        $slots = array_map(static fn (PlannedLesson $one): Slot => $one->slot(), $moving);
        $slots[] = $this->after($class, $slots[\count($slots) - 1] ?? $lesson->slot());
        foreach ($moving as $i => $one) {
            $one->moveTo($slots[$i + 1]);
        }
        $lesson->went(LessonState::Planned, []);
        $this->entities->flush();
    }

    /** The next time of the week after a lesson; the same time a week later where nothing is said of the week. */
    public function after(Classroom $class, Slot $slot): Slot
    {
        $course = $this->course($class);
        $text = null === $course ? new CourseText() : $this->kept->course($course);
        $week = array_map(static fn (WeeklyText $one): Weekly => new Weekly($one->weekday, When::minutes($one->start), $one->minutes), $text->week);
        $off = array_map(static fn (DaysOffText $one): DaysOff => new DaysOff(When::date($one->from), When::date($one->to)), $text->off);
        foreach (Slots::from($slot->date, 21, $week, $off) as $next) {
            if (self::key($next) > self::key($slot)) {
                return $next;
            }
        }

        return new Slot($slot->date->plusDays(7), $slot->start, $slot->minutes);
    }

    /** @param list<SlotText> $wanted of lessons of the class; others are passed over */
    public function put(Classroom $class, array $wanted): void
    {
        $byId = [];
        foreach ($this->lessons($class) as $lesson) {
            $byId[$lesson->id()->toRfc4122()] = $lesson;
        }
        foreach ($wanted as $slot) {
            ($byId[strtolower($slot->id)] ?? null)?->moveTo(When::slot($slot));
        }
        $this->entities->flush();
    }

    private function line(PlannedLesson $lesson, string $word): LessonLineReply
    {
        return new LessonLineReply($lesson->id()->toRfc4122(), $lesson->on(), When::clock($lesson->slot()->start), (new TypedField($lesson->classroom()->style()))->writtenTime($lesson->slot()->start), $lesson->slot()->minutes, $this->title($lesson), $this->named($lesson, Topic::short(...)), $lesson->rung(), $lesson->purpose(), $lesson->state(), $word);
    }

    public function title(PlannedLesson $lesson): string
    {
        return $this->named($lesson, Topic::of(...));
    }

    /** @param \Closure(Rung): string $words */
    private function named(PlannedLesson $lesson, \Closure $words): string
    {
        try {
            return $words($this->ladder->rung($lesson->rung()));
        } catch (NoSuchRung) {
            // of another time
            return $lesson->rung();
        }
    }

    private static function key(Slot $slot): string
    {
        return $slot->date->iso().' '.When::clock($slot->start);
    }
}
