<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\Core\Activity\Estimates;
use Symfony\Component\Uid\Uuid;

/** Tries of a class to feel a length of time, on one day. */
#[ORM\Entity]
#[ORM\Index(name: 'tally_class', columns: ['classroom_id', 'taken_at'])]
class Tally implements InClassroom, Deletable
{
    use Deleting;

    /** @param int $target seconds; $exactly tenths of a second */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\Column(type: 'smallint')]
        private int $target,
        #[ORM\Column(type: 'smallint')]
        private int $exactly,
        #[ORM\Column]
        private \DateTimeImmutable $takenAt,
        #[ORM\Column(length: 60)]
        private string $doing = '',
    ) {
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    /** Seconds. */
    public function target(): int
    {
        return $this->target;
    }

    /** Tenths of a second. */
    public function exactly(): int
    {
        return $this->exactly;
    }

    public function doing(): string
    {
        return $this->doing;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    public function become(int $target, int $exactly, string $doing): void
    {
        $this->target = $target;
        $this->exactly = $exactly;
        $this->doing = $doing;
    }

    /** @param list<TallyTry> $tries of this one */
    public function estimates(array $tries): Estimates
    {
        return Estimates::of(array_map(static fn (TallyTry $one): int => $one->tenths(), $tries), 10 * $this->target, $this->exactly);
    }
}
