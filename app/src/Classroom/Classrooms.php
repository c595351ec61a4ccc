<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Rung;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The classes of a teacher. */
final readonly class Classrooms
{
    /** The most classes that one teacher has. */
    private const MOST = 60;

    public function __construct(private EntityManagerInterface $entities, private Ladder $ladder, private ClockInterface $clock, private RequestStack $requests)
    {
    }

    /** @return list<Classroom> by name, with their children */
    public function of(Teacher $teacher): array
    {
        /** @var list<Classroom> $classes */
        $classes = $this->entities->createQueryBuilder()
            ->select('c', 't', 'k')
            ->from(Classroom::class, 'c')
            ->join('c.teachings', 'mine', 'WITH', 'mine.teacher = :teacher')
            ->join('c.teachings', 't')
            ->leftJoin('c.children', 'k')
            ->where('c.deletedAt IS NULL')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->orderBy('c.name', 'ASC')
            ->addOrderBy('c.id', 'ASC')
            ->addOrderBy('k.position', 'ASC')
            ->getQuery()
            ->getResult();

        return $classes;
    }

    /** @return list<SchoolClassReply> all classes of a school, by name, as it sees them from outside */
    public function ofSchool(School $school): array
    {
        /** @var list<array{class: Classroom, children: int|string}> $rows */
        $rows = $this->entities->createQueryBuilder()
            ->select('c AS class', '(SELECT COUNT(k.id) FROM '.Child::class.' k WHERE k.classroom = c AND k.deletedAt IS NULL) AS children')
            ->from(Classroom::class, 'c')
            ->where('c.school = :school')
            ->andWhere('c.deletedAt IS NULL')
            ->setParameter('school', $school->id(), 'uuid')
            ->orderBy('c.name', 'ASC')
            ->addOrderBy('c.id', 'ASC')
            ->getQuery()
            ->getResult();

        return array_map(static fn (array $row): SchoolClassReply => new SchoolClassReply($row['class']->id()->toRfc4122(), $row['class']->name(), (int) $row['children'], array_map(static fn (Teacher $t): string => $t->id()->toRfc4122(), $row['class']->teachers())), $rows);
    }

    /**
     * The class that is in hand in the window that asks; where it does not say, the one that the teacher took up last, or the
     * first of several; null for who has none.
     */
    public function inHand(Teacher $teacher): ?Classroom
    {
        $ofTheWindow = $this->find($teacher, $this->windowSays());
        if (null !== $ofTheWindow) {
            return $ofTheWindow;
        }
        /** @var list<Classroom> $classes without their children, which nobody asks for here */
        $classes = $this->entities->createQueryBuilder()
            ->select('c')
            ->from(Classroom::class, 'c')
            ->join('c.teachings', 'mine', 'WITH', 'mine.teacher = :teacher')
            ->where('c.deletedAt IS NULL')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->orderBy('mine.takenUpAt', 'DESC')
            ->addOrderBy('c.name', 'ASC')
            ->addOrderBy('c.id', 'ASC')
            ->setMaxResults(1)
            ->getQuery()
            ->getResult();

        return $classes[0] ?? null;
    }

    /**
     * The same among classes that have been read already.
     *
     * @param list<Classroom> $classes
     */
    public function inHandOf(Teacher $teacher, array $classes): ?Classroom
    {
        $id = $this->windowSays();
        foreach ($classes as $class) {
            if ($class->id()->toRfc4122() === $id) {
                return $class;
            }
        }
        usort($classes, static fn (Classroom $a, Classroom $b): int => $b->takenUpAt($teacher) <=> $a->takenUpAt($teacher));

        return $classes[0] ?? null;
    }

    /** The id of the class that the window has in hand; null where it does not say. */
    private function windowSays(): ?string
    {
        return $this->requests->getCurrentRequest()?->headers->get('Rostik-Class');
    }

    /** The teacher's class of that id; null where there is none, or she does not teach it. */
    public function find(Teacher $teacher, ?string $id): ?Classroom
    {
        $class = null !== $id && Uuid::isValid($id) ? $this->entities->find(Classroom::class, Uuid::fromString($id)) : null;

        return true === $class?->isTaughtBy($teacher) ? $class : null;
    }

    /**
     * Those of these children whose class the teacher teaches.
     *
     * @param list<string> $ids
     *
     * @return array<string, Child> by id
     */
    public function children(Teacher $teacher, array $ids): array
    {
        $children = [];
        foreach ($this->byIds(array_map(Uuid::fromString(...), $ids)) as $child) {
            if (!$child->isDeleted() && $child->classroom()->isTaughtBy($teacher)) {
                $children[$child->id()->toRfc4122()] = $child;
            }
        }

        return $children;
    }

    /** @throws NotFoundHttpException */
    public function child(Teacher $teacher, string $id): Child
    {
        $found = Uuid::isValid($id) ? $this->children($teacher, [$id]) : [];

        return array_values($found)[0] ?? throw new NotFoundHttpException();
    }

    /**
     * Reads children that are known by their key alone, all of them at once.
     *
     * @param list<?Child> $children
     */
    public function load(array $children): void
    {
        $this->byIds(array_map(static fn (Child $child): Uuid => $child->id(), array_values(array_filter($children))));
    }

    /**
     * @param list<Uuid> $ids
     *
     * @return list<Child>
     */
    private function byIds(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        /** @var list<Child> $children */
        $children = $this->entities->createQueryBuilder()
            ->select('k', 'c', 't')
            ->from(Child::class, 'k')
            ->join('k.classroom', 'c')
            ->join('c.teachings', 't')
            ->where('k.id IN (:ids)')
            ->setParameter('ids', array_map(static fn (Uuid $id): string => $id->toBinary(), $ids), ArrayParameterType::BINARY)
            ->getQuery()
            ->getResult();

        return $children;
    }

    /** @throws NotFoundHttpException */
    public function get(Teacher $teacher, string $id): Classroom
    {
        return $this->find($teacher, $id) ?? throw new NotFoundHttpException();
    }

    /** @throws NotFoundHttpException */
    public function takeUp(Teacher $teacher, string $id): Classroom
    {
        $class = $this->get($teacher, $id);
        $class->takeUp($teacher, $this->clock->now());
        $this->entities->flush();

        return $class;
    }

    /** Notes once a day that a class is in hand, so that none is taken for last year's that is used every day. */
    public function stillInHand(Teacher $teacher, ?Classroom $class): void
    {
        $now = $this->clock->now();
        if (null !== $class && ($class->takenUpAt($teacher) ?? $now->modify('-2 days')) < $now->modify('-1 day')) {
            // moments are kept in whole seconds: what is taken up in this very one comes after it
            $class->takeUp($teacher, $now->modify('-2 seconds'));
            $this->entities->flush();
        }
    }

    /** @throws CannotBeHad where so many more are too many for one teacher */
    public function room(Teacher $teacher, int $more): void
    {
        $there = \count($this->of($teacher)) + \count($this->deletedOf($teacher));
        if ($there + $more > self::MOST) {
            throw new CannotBeHad($there < self::MOST
                ? \sprintf('With these there would be more than %d classes.', self::MOST)
                : \sprintf('You have %d classes already. Delete one that is not taught any more; what was deleted counts until it is gone for good.', $there));
        }
    }

    /**
     * Begins the class or changes it.
     *
     * @throws NotFoundHttpException where the id, or that of a child, is somebody else's
     */
    public function put(Teacher $teacher, string $id, ClassRequest $wanted): Classroom
    {
        $class = $this->find($teacher, $id);
        if (null === $class) {
            if (!Uuid::isValid($id) || null !== $this->entities->find(Classroom::class, Uuid::fromString($id))) {
                throw new NotFoundHttpException();
            }
            $this->room($teacher, 1);
            $class = new Classroom(Uuid::fromString($id), $teacher, trim($wanted->name));
            $this->entities->persist($class);
        }
        $names = [];
        foreach ($wanted->children as $child) {
            $there = $this->entities->find(Child::class, Uuid::fromString($child->id));
            if (null !== $there && $there->classroom() !== $class) {
                throw new NotFoundHttpException();
            }
            $names[$child->id] = $child->name;
        }
        $rungs = array_map(static fn (Rung $rung): string => $rung->id, $this->ladder->rungs());
        $class->rewrite(trim($wanted->name), array_values(array_intersect($rungs, $wanted->taught)), $wanted->style, $wanted->weekend, $wanted->weekBegins);
        $class->register(Apart::names($names), $this->clock->now());
        $this->entities->flush();

        return $class;
    }

    /** @return list<Classroom> those that she taught and that are deleted */
    public function deletedOf(Teacher $teacher): array
    {
        /** @var list<Classroom> $classes */
        $classes = $this->entities->createQueryBuilder()
            ->select('c')
            ->from(Classroom::class, 'c')
            ->join('c.teachings', 'mine', 'WITH', 'mine.teacher = :teacher')
            ->where('c.deletedAt IS NOT NULL')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->getQuery()
            ->getResult();

        return $classes;
    }

    /** Deletes the class with all that is in it; its sheets stay, and are of no class until it is brought back. */
    public function delete(Classroom $class): void
    {
        $class->delete($this->clock->now());
        $this->entities->flush();
    }
}
