<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\DeletedThings;

/**
 * The things of one kind, each of a class, that are deleted.
 *
 * @template T of Deletable
 *
 * @extends DeletedThings<T>
 */
abstract readonly class DeletedOfClasses extends DeletedThings
{
    public function __construct(EntityManagerInterface $entities, protected Classrooms $classrooms)
    {
        parent::__construct($entities);
    }

    protected function ofSchool(): string
    {
        return 'x.classroom IN (SELECT s.id FROM '.Classroom::class.' s WHERE s.school = :school)';
    }

    /** @return list<T> the deleted ones of the classes that she teaches */
    protected function ofClasses(Teacher $teacher): array
    {
        $classes = array_map(static fn (Classroom $class): string => $class->id()->toBinary(), $this->classrooms->of($teacher));
        if ([] === $classes) {
            return [];
        }
        /** @var list<T> $found */
        $found = $this->entities->createQuery(\sprintf('SELECT x FROM %s x WHERE x.deletedAt IS NOT NULL AND x.classroom IN (:classes) ORDER BY x.id', $this->class()))
            ->setParameter('classes', $classes, ArrayParameterType::BINARY)
            ->getResult();

        return $found;
    }
}
