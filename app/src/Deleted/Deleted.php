<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Audit;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What was deleted lately, of every room: looked at, brought back, or erased for good. */
final readonly class Deleted
{
    /** @param iterable<Deletions> $rooms */
    public function __construct(
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private Audit $audit,
        #[AutowireIterator(Deletions::class)]
        private iterable $rooms,
    ) {
    }

    /** @return list<DeletedReply> the last deleted first */
    public function of(Teacher $teacher): array
    {
        $lines = [];
        foreach ($this->rooms as $room) {
            foreach ($this->there($teacher, $room) as $gone) {
                $lines[] = new DeletedReply($room->kind(), $gone->id, $gone->name, $gone->with, $gone->className, $gone->at()->format(\DATE_ATOM), self::until($teacher, $gone)->format('Y-m-d'));
            }
        }
        usort($lines, static fn (DeletedReply $a, DeletedReply $b): int => $b->at <=> $a->at ?: strcmp($a->id, $b->id));

        return $lines;
    }

    /** @throws NotFoundHttpException */
    public function bringBack(Teacher $teacher, DeletedKind $kind, string $id): void
    {
        $this->entities->wrapInTransaction(function () use ($teacher, $kind, $id): void {
            [$room, $gone] = $this->find($teacher, $kind, $id);
            $room->bringBack($gone);
        });
    }

    /**
     * Erases it, before its time.
     *
     * @throws NotFoundHttpException
     */
    public function erase(Teacher $teacher, DeletedKind $kind, string $id): void
    {
        // with the names that go out of texts, or not at all
        $this->entities->wrapInTransaction(function () use ($teacher, $kind, $id): void {
            [, $gone] = $this->find($teacher, $kind, $id);
            array_map($this->entities->remove(...), $gone->what);
        });
        $this->audit->note('erased for good', $teacher, ['kind' => $kind->value]);
    }

    /** Erases what was deleted in a school before that time. */
    public function tidy(School $school, \DateTimeImmutable $before): int
    {
        $count = 0;
        foreach ($this->rooms as $room) {
            $gone = $room->before($school, $before);
            array_map($this->entities->remove(...), $gone);
            $count += \count($gone);
            $this->entities->flush();
        }

        return $count;
    }

    /** @return list<Gone> those of a room whose time is not over, whether the night has been or not */
    private function there(Teacher $teacher, Deletions $room): array
    {
        return array_values(array_filter($room->of($teacher), fn (Gone $gone): bool => self::until($teacher, $gone) > $this->clock->now()));
    }

    private static function until(Teacher $teacher, Gone $gone): \DateTimeImmutable
    {
        return $gone->at()->modify('+'.$teacher->school()->keeping()->deletedDays.' days');
    }

    /** @return array{Deletions, Gone} */
    private function find(Teacher $teacher, DeletedKind $kind, string $id): array
    {
        foreach ($this->rooms as $room) {
            foreach ($room->kind() === $kind ? $this->there($teacher, $room) : [] as $gone) {
                if ($gone->id === strtolower($id)) {
                    return [$room, $gone];
                }
            }
        }
        throw new NotFoundHttpException();
    }
}
