<?php

declare(strict_types=1);

namespace Rostik\App\Data;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Keeping;
use Rostik\App\Account\Letters;
use Rostik\App\Account\Links;
use Rostik\App\Account\School;
use Rostik\App\Account\SessionRows;
use Rostik\App\Account\Teachers;
use Rostik\App\Account\Tries;
use Rostik\App\Activity\Tally;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Deleted\Deleted;
use Rostik\App\Marking\Pile;
use Rostik\App\Plan\PlannedLesson;
use Rostik\App\Practice\Practice;
use Rostik\App\Sheet\SheetRepository;

/** Carries out what schools say of how long things are kept ({@see Keeping}). It is done each night, and does no harm done twice. */
final readonly class Tidying
{
    public function __construct(private EntityManagerInterface $entities, private SheetRepository $sheets, private Teachers $teachers, private SessionRows $sessions, private Tries $tries, private Links $links, private Letters $letters, private Deleted $deleted, private ClockInterface $clock)
    {
    }

    /** @return TidiedReply what has gone for good */
    public function tidy(): TidiedReply
    {
        $now = $this->clock->now();
        $piles = $deletedOnes = 0;
        $classes = [];
        foreach ($this->entities->getRepository(School::class)->findAll() as $school) {
            $keeping = $school->keeping();
            $deleted = $now->modify('-'.$keeping->deletedDays.' days');
            foreach ($this->teachers->ofSchool($school) as $teacher) {
                $this->sheets->forget($teacher, $deleted);
                if (null !== $keeping->marksMonths) {
                    $before = $now->modify('-'.$keeping->marksMonths.' months');
                    $piles += $this->piles('p.owner = :of AND p.onDay < :before', $teacher->id()->toBinary(), $before);
                    $piles += $this->gone(Practice::class, 'p.owner = :of AND p.openedAt < :before', $teacher->id()->toBinary(), $before);
                }
            }
            $deletedOnes += $this->deleted->tidy($school, $deleted);
            if (null !== $keeping->marksMonths) {
                $this->gone(Tally::class, 'p.classroom IN (SELECT c.id FROM '.Classroom::class.' c WHERE c.school = :of) AND p.takenAt < :before', $school->id()->toBinary(), $now->modify('-'.$keeping->marksMonths.' months'));
                $this->gone(PlannedLesson::class, 'p.classroom IN (SELECT c.id FROM '.Classroom::class.' c WHERE c.school = :of) AND p.onDay < :before', $school->id()->toBinary(), $now->modify('-'.$keeping->marksMonths.' months'));
            }
            array_push($classes, ...$this->leave($school, $now));
        }
        $this->entities->flush();
        $this->sessions->gc(0);
        $this->tries->tidy();
        $this->links->tidy();
        $this->letters->tidy();

        return new TidiedReply($piles, $deletedOnes, $classes);
    }

    private function piles(string $where, string $of, \DateTimeImmutable $before): int
    {
        return $this->gone(Pile::class, $where, $of, $before);
    }

    /** @param class-string $what */
    private function gone(string $what, string $where, string $of, \DateTimeImmutable $before): int
    {
        $gone = $this->entities->createQuery('DELETE FROM '.$what.' p WHERE '.$where)->setParameter('of', $of)->setParameter('before', $before)->execute();

        return is_numeric($gone) ? (int) $gone : 0;
    }

    /**
     * The children of last year's classes leave on the day that the school has set: those of classes that nobody has had in
     * hand for so many months before that day. Classes of this year are in hand; one that is taken up again keeps its children.
     *
     * @return list<string> names of the classes
     */
    private function leave(School $school, \DateTimeImmutable $now): array
    {
        $keeping = $school->keeping();
        if (null === $keeping->childrenLeave) {
            return [];
        }
        $day = self::lastDay($keeping, $now);
        $quiet = $day->modify('-'.$keeping->quietMonths.' months');
        $left = [];
        foreach ($this->entities->getRepository(Classroom::class)->findBy(['school' => $school]) as $class) {
            if ([] !== $class->children() && $class->lastTakenUp() < $quiet) {
                $class->leave();
                $left[] = $class->name();
            }
        }

        return $left;
    }

    /** The last day on which children left, today among them. A 29th of February is the 28th in other years. */
    private static function lastDay(Keeping $keeping, \DateTimeImmutable $now): \DateTimeImmutable
    {
        [$month, $day] = array_map(intval(...), explode('-', $keeping->childrenLeave ?? '12-31'));
        for ($year = (int) $now->format('Y');; --$year) {
            $days = (int) (new \DateTimeImmutable(\sprintf('%04d-%02d-01', $year, $month)))->format('t');
            $at = new \DateTimeImmutable(\sprintf('%04d-%02d-%02d', $year, $month, min($day, $days)), $now->getTimezone());
            if ($at <= $now) {
                return $at;
            }
        }
    }
}
