<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;

/**
 * The things of one kind, each of a teacher, that are deleted.
 *
 * @template T of Deletable
 */
abstract readonly class DeletedThings implements Deletions
{
    public function __construct(protected EntityManagerInterface $entities)
    {
    }

    /** @return class-string<T> */
    abstract protected function class(): string;

    /** Whether one of them (x) is of that school, in DQL. */
    protected function ofSchool(): string
    {
        return 'x.owner IN (SELECT t.id FROM '.Teacher::class.' t WHERE t.school = :school)';
    }

    public function bringBack(Gone $gone): void
    {
        foreach ($gone->what as $one) {
            $one->delete(null);
        }
    }

    /** @return list<T> */
    public function before(School $school, \DateTimeImmutable $before): array
    {
        /** @var list<T> $gone */
        $gone = $this->entities->createQuery(\sprintf('SELECT x FROM %s x WHERE x.deletedAt < :before AND %s', $this->class(), $this->ofSchool()))
            ->setParameter('before', $before)
            ->setParameter('school', $school->id(), 'uuid')
            ->getResult();

        return $gone;
    }

    /** @return list<T> the deleted ones of her own */
    protected function own(Teacher $teacher, string $more = ''): array
    {
        /** @var list<T> $found */
        $found = $this->entities->createQuery(\sprintf('SELECT x FROM %s x WHERE x.deletedAt IS NOT NULL AND x.owner = :teacher %s ORDER BY x.id', $this->class(), $more))
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->getResult();

        return $found;
    }

    /**
     * Those that were deleted together.
     *
     * @param list<T>             $all
     * @param \Closure(T): string $by  what those that belong together have in common
     *
     * @return list<non-empty-list<T>>
     */
    protected static function together(array $all, \Closure $by): array
    {
        $together = [];
        foreach ($all as $one) {
            $together[$by($one).' '.Gone::moment($one)][] = $one;
        }

        return array_values($together);
    }

    /** @param class-string $class */
    protected function count(string $class, string $field, Deletable $of): int
    {
        return $this->entities->getRepository($class)->count([$field => $of]);
    }
}
