<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Letters;
use Rostik\App\Account\Teacher;
use Rostik\App\Account\Teachers;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Marking\Pile;
use Rostik\App\Practice\Practice;
use Rostik\App\Sheet\Copy;
use Rostik\App\Sheet\Sheet;
use Rostik\App\Timetable\Timetable;

/** Erases a teacher with all that is hers; what colleagues share with her they keep. */
final readonly class Erasing
{
    public function __construct(private EntityManagerInterface $entities, private Teachers $teachers, private Classrooms $classrooms, private Letters $letters)
    {
    }

    /** What would go. */
    public function of(Teacher $teacher): ErasingReply
    {
        $classes = $this->classrooms->of($teacher);
        $alone = array_values(array_filter($classes, static fn (Classroom $class): bool => 1 === \count($class->teachers())));
        $shared = array_values(array_filter($classes, static fn (Classroom $class): bool => 1 < \count($class->teachers())));
        $others = array_filter($this->teachers->ofSchool($teacher->school()), static fn (Teacher $one): bool => $one !== $teacher);
        $names = static fn (Classroom $class): string => $class->name();

        return new ErasingReply(
            $this->entities->getRepository(Sheet::class)->count(['owner' => $teacher]),
            $this->entities->getRepository(Copy::class)->count(['owner' => $teacher]),
            $this->entities->getRepository(Timetable::class)->count(['owner' => $teacher]),
            $this->entities->getRepository(Pile::class)->count(['owner' => $teacher, 'classroom' => null]) + ([] === $alone ? 0 : $this->entities->getRepository(Pile::class)->count(['classroom' => $alone])),
            array_map($names, $alone),
            array_map($names, $shared),
            [] === $others,
            [] === $others || [] !== array_filter($others, static fn (Teacher $one): bool => $one->isAdministrator() && !$one->isEnded()),
        );
    }

    /** Does it, for good. */
    public function erase(Teacher $teacher): void
    {
        $this->entities->wrapInTransaction(function () use ($teacher): void {
            $last = $this->of($teacher)->last;
            foreach ([...$this->classrooms->of($teacher), ...$this->classrooms->deletedOf($teacher)] as $class) {
                $others = array_values(array_filter($class->teachers(), static fn (Teacher $one): bool => $one !== $teacher));
                if ([] === $others) {
                    $this->entities->remove($class);
                    continue;
                }
                $class->isTaughtByThese($others);
                // the record stays with the class
                foreach ([Pile::class, Practice::class] as $what) {
                    foreach ($this->entities->getRepository($what)->findBy(['owner' => $teacher, 'classroom' => $class]) as $one) {
                        $one->goesTo($others[0]);
                    }
                }
            }
            $this->entities->flush();
            // piles and practices of classes that she has handed over
            foreach ([Pile::class, Practice::class] as $what) {
                foreach ($this->entities->getRepository($what)->findBy(['owner' => $teacher]) as $one) {
                    $next = $one->classroom()?->teachers()[0] ?? null;
                    if (null !== $next && $next !== $teacher) {
                        $one->goesTo($next);
                    }
                }
            }
            $this->entities->flush();
            $this->letters->forget($teacher->email());
            $school = $teacher->school();
            $this->entities->remove($teacher);
            $this->entities->flush();
            if ($last) {
                foreach ($this->entities->getRepository(Classroom::class)->findBy(['school' => $school]) as $class) {
                    $this->entities->remove($class);
                }
                $this->entities->remove($school);
                $this->entities->flush();
            }
        });
    }
}
