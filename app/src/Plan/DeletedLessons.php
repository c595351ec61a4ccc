<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Classroom\DeletedOfClasses;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<PlannedLesson> */
final readonly class DeletedLessons extends DeletedOfClasses
{
    public function __construct(EntityManagerInterface $entities, Classrooms $classrooms, private Plans $plans, private ClockInterface $clock)
    {
        parent::__construct($entities, $classrooms);
    }

    public function kind(): DeletedKind
    {
        return DeletedKind::Lessons;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(fn (array $lessons): Gone => new Gone(
            $lessons[0]->id()->toRfc4122(),
            1 === \count($lessons) ? $this->plans->title($lessons[0]) : 'Lessons of a plan',
            1 === \count($lessons) ? 'lesson of '.self::day($lessons[0]) : \sprintf('%d lessons, %s to %s', \count($lessons), self::day($lessons[0]), self::day($lessons[\count($lessons) - 1])),
            $lessons[0]->classroom()->name(),
            $lessons,
        ), self::together($this->inOrder($teacher), static fn (PlannedLesson $one): string => $one->classroom()->id()->toRfc4122()));
    }

    /** They take the place of what has been planned for the same times since. */
    public function bringBack(Gone $gone): void
    {
        parent::bringBack($gone);
        $now = $this->clock->now();
        foreach (array_filter($gone->what, static fn (Deletable $one): bool => $one instanceof PlannedLesson) as $one) {
            foreach ($this->plans->lessons($one->classroom()) as $there) {
                if (!\in_array($there, $gone->what, true) && LessonState::Planned === $there->state() && $there->on() === $one->on() && $there->slot()->start === $one->slot()->start) {
                    $there->delete($now);
                }
            }
        }
    }

    /** @return list<PlannedLesson> */
    private function inOrder(Teacher $teacher): array
    {
        $all = $this->ofClasses($teacher);
        usort($all, static fn (PlannedLesson $a, PlannedLesson $b): int => [$a->on(), $a->slot()->start] <=> [$b->on(), $b->slot()->start]);

        return $all;
    }

    private static function day(PlannedLesson $lesson): string
    {
        return (new \DateTimeImmutable($lesson->on()))->format('l j F');
    }

    protected function class(): string
    {
        return PlannedLesson::class;
    }
}
