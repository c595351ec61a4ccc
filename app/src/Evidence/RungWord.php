<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Rostik\Core\Evidence\Standing;
use Symfony\Component\Uid\Uuid;

/** The teacher's own word on what a child can do, over all that its answers say. It goes with the child. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'rung_word', columns: ['child_id', 'rung'])]
class RungWord
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Child $child,
        #[ORM\Column(length: 60)]
        private string $rung,
        #[ORM\Column(length: 12)]
        private Standing $standing,
        #[ORM\Column]
        private \DateTimeImmutable $saidAt,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function child(): Child
    {
        return $this->child;
    }

    public function rung(): string
    {
        return $this->rung;
    }

    public function standing(): Standing
    {
        return $this->standing;
    }

    public function saidAt(): \DateTimeImmutable
    {
        return $this->saidAt;
    }

    public function say(Standing $standing, \DateTimeImmutable $at): void
    {
        $this->standing = $standing;
        $this->saidAt = $at;
    }
}
