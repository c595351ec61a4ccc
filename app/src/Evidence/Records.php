<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Classroom\DeletedOfClasses;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;
use Rostik\App\Storage\Rows;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * What was seen of children: taken off them, and given back.
 *
 * @extends DeletedOfClasses<PutAwayRecord>
 */
final readonly class Records extends DeletedOfClasses
{
    /** @param iterable<MoreAnswers> $more */
    public function __construct(
        EntityManagerInterface $entities,
        Classrooms $classrooms,
        private Connection $connection,
        private Rows $rows,
        private ClockInterface $clock,
        #[AutowireIterator(MoreAnswers::class)]
        private iterable $more,
    ) {
        parent::__construct($entities, $classrooms);
    }

    public function kind(): DeletedKind
    {
        return DeletedKind::Record;
    }

    public function of(Teacher $teacher): array
    {
        $there = array_values(array_filter($this->ofClasses($teacher), static fn (PutAwayRecord $one): bool => true !== $one->child()?->isDeleted()));

        return array_map(static function (array $records): Gone {
            $children = array_values(array_filter(array_map(static fn (PutAwayRecord $one): ?Child => $one->child(), $records)));

            return new Gone($records[0]->id()->toRfc4122(), 1 === \count($children) ? $children[0]->name() : \sprintf('%d children', \count($children)), 'marks, answers at tablets, your own word', $records[0]->classroom()->name(), $records);
        }, self::together($there, static fn (PutAwayRecord $one): string => $one->classroom()->id()->toRfc4122()));
    }

    /** What was seen of one child is taken off it. */
    public function deleteOf(Child $child): void
    {
        $this->entities->wrapInTransaction(function () use ($child): void {
            $this->take($child, $this->clock->now());
        });
    }

    /** The same of a whole class, and its groups. */
    public function deleteOfClass(Classroom $class): void
    {
        $this->entities->wrapInTransaction(function () use ($class): void {
            $now = $this->clock->now();
            foreach ($class->children() as $child) {
                $this->take($child, $now);
            }
            $groups = $this->rows->take('kept_groups', 'classroom_id = ?', [$class->id()->toBinary()]);
            if ([] !== $groups) {
                $this->entities->persist(new PutAwayRecord($class, null, ['groups' => $groups], $now));
            }
        });
    }

    public function bringBack(Gone $gone): void
    {
        foreach ($gone->what as $record) {
            if (!$record instanceof PutAwayRecord) {
                continue;
            }
            $taken = $record->taken();
            $this->rows->put('kept_groups', $taken['groups'] ?? null);
            $child = $record->child();
            if (null !== $child) {
                foreach (\is_array($taken['papers'] ?? null) ? $taken['papers'] : [] as $id => $marks) {
                    // what was marked since then stays
                    $this->connection->executeStatement("UPDATE paper SET marks = ? WHERE id = ? AND marks = '[]'", [$marks, hex2bin((string) $id)]);
                }
                $this->rows->put('rung_word', $taken['words'] ?? null);
                foreach ($this->more as $room) {
                    $room->giveBack($child, $taken);
                }
            }
            null === $child ? null : $this->forgetKept($child);
            $record->giveBack();
            $this->entities->remove($record);
        }
    }

    /** What was worked out of them is worked out again. */
    private function forgetKept(Child $child): void
    {
        $this->connection->executeStatement('DELETE FROM kept_seen WHERE child_id = ?', [$child->id()->toBinary()]);
    }

    private function take(Child $child, \DateTimeImmutable $now): void
    {
        $id = $child->id()->toBinary();
        $papers = $this->connection->executeQuery("SELECT LOWER(HEX(id)), marks FROM paper WHERE child_id = ? AND marks <> '[]'", [$id])->fetchAllKeyValue();
        $this->connection->executeStatement("UPDATE paper SET marks = '[]' WHERE child_id = ?", [$id]);
        $this->forgetKept($child);
        $taken = ['papers' => $papers, 'words' => $this->rows->take('rung_word', 'child_id = ?', [$id])];
        foreach ($this->more as $room) {
            $taken += $room->take($child);
        }
        $this->entities->persist(new PutAwayRecord($child->classroom(), $child, $taken, $now));
    }

    protected function class(): string
    {
        return PutAwayRecord::class;
    }
}
