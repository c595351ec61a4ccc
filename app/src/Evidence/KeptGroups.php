<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Classroom;
use Symfony\Component\Uid\Uuid;

/** The groups of a class as the teacher has put them together. They go with the class. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'kept_groups_class', columns: ['classroom_id'])]
class KeptGroups
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @param list<array{kind: string, cause: ?string, rung: ?string, reason: string, look: string, children: list<string>}> $groups */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\Column(type: 'json')]
        private array $groups,
        #[ORM\Column]
        private \DateTimeImmutable $keptAt,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    /** @return list<array{kind: string, cause: ?string, rung: ?string, reason: string, look: string, children: list<string>}> */
    public function groups(): array
    {
        return $this->groups;
    }

    public function keptAt(): \DateTimeImmutable
    {
        return $this->keptAt;
    }

    /** @param list<array{kind: string, cause: ?string, rung: ?string, reason: string, look: string, children: list<string>}> $groups */
    public function keep(array $groups, \DateTimeImmutable $at): void
    {
        $this->groups = $groups;
        $this->keptAt = $at;
    }
}
