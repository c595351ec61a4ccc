<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\Bundle\DoctrineBundle\Repository\ServiceEntityRepository;
use Doctrine\Persistence\ManagerRegistry;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;

/** @extends ServiceEntityRepository<Sheet> */
final class SheetRepository extends ServiceEntityRepository
{
    public function __construct(ManagerRegistry $registry)
    {
        parent::__construct($registry, Sheet::class);
    }

    /** @return list<Sheet> those made together with this one that are not deleted, itself among them, in the order of their making */
    public function family(Sheet $sheet): array
    {
        return null === $sheet->family() ? [] : $this->findBy(['family' => $sheet->family(), 'owner' => $sheet->owner(), 'deletedAt' => null], ['id' => 'ASC']);
    }

    /** @return list<SharedSheetReply> what is on the shelf of a school, the last put there first */
    public function shared(School $school): array
    {
        /** @var list<SharedSheetReply> $lines */
        $lines = $this->createQueryBuilder('s')
            ->select(\sprintf('NEW %s(s.id, s.title, COUNT(q.id), s.settings, s.rungs, t.id, t.name)', SharedSheetReply::class))
            ->join('s.owner', 't')
            ->leftJoin('s.questions', 'q')
            ->where('t.school = :school')
            ->andWhere('s.sharedAt IS NOT NULL')
            ->andWhere('s.deletedAt IS NULL')
            ->setParameter('school', $school->id(), 'uuid')
            ->groupBy('s.id')
            ->orderBy('s.sharedAt', 'DESC')
            ->addOrderBy('s.id', 'ASC')
            ->setMaxResults(500)
            ->getQuery()
            ->getResult();

        return $lines;
    }

    /** Removes for good what the teacher deleted before that time: sheets, and copies with the names on them. */
    public function forget(Teacher $teacher, \DateTimeImmutable $before): void
    {
        foreach ([Copy::class, Sheet::class] as $class) {
            $this->getEntityManager()->createQuery(\sprintf('DELETE %s x WHERE x.owner = :teacher AND x.deletedAt < :before', $class))
                ->setParameter('teacher', $teacher->id(), 'uuid')
                ->setParameter('before', $before)
                ->execute();
        }
        $this->getEntityManager()->createQuery(\sprintf('DELETE %s b WHERE b.sheet IN (SELECT s.id FROM %s s WHERE s.owner = :teacher) AND NOT EXISTS (SELECT c.id FROM %s c WHERE c.base = b)', CopyBase::class, Sheet::class, Copy::class))
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->execute();
    }

    /** @return list<ShelfReply> the teacher's sheets that are not deleted, the one changed last first */
    public function shelf(Teacher $teacher): array
    {
        /** @var list<ShelfReply> $lines */
        $lines = $this->createQueryBuilder('s')
            ->select(\sprintf('NEW %s(s.id, s.title, COUNT(q.id), s.changedAt, s.settings, s.rungs, s.archivedAt, s.family, c.id, s.sharedAt, s.givenBy)', ShelfReply::class))
            ->leftJoin('s.questions', 'q')
            ->leftJoin('s.classroom', 'c', 'WITH', 'c.deletedAt IS NULL')
            ->where('s.owner = :teacher')
            ->andWhere('s.deletedAt IS NULL')
            ->setParameter('teacher', $teacher->id(), 'uuid')
            ->groupBy('s.id')
            ->orderBy('s.changedAt', 'DESC')
            ->addOrderBy('s.id', 'ASC')
            ->getQuery()
            ->getResult();

        return $lines;
    }
}
