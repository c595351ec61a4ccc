<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Symfony\Component\Uid\Uuid;

/** What was seen of a child, or the groups of a class, after it has been deleted and while it can be brought back. It goes with the child. */
#[ORM\Entity]
class PutAwayRecord implements InClassroom, Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /**
     * @param ?Child       $child null for the groups of the class
     * @param array<mixed> $taken as {@see Records} has taken it
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Child $child,
        #[ORM\Column(type: 'json')]
        private array $taken,
        \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7();
        $this->delete($at);
    }

    /** Not given back: then the name of the child goes out of what it was asked, too. */
    private bool $back = false;

    public function giveBack(): void
    {
        $this->back = true;
    }

    public function isBack(): bool
    {
        return $this->back;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function child(): ?Child
    {
        return $this->child;
    }

    /** @return array<mixed> */
    public function taken(): array
    {
        return $this->taken;
    }
}
