<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Symfony\Component\Uid\Uuid;

/** A child of a class. What it is called, as the teacher wrote it, or a number, is all that is kept. */
#[ORM\Entity]
#[ORM\Index(name: 'child_class', columns: ['classroom_id', 'position'])]
class Child implements InClassroom, Deletable
{
    use Deleting;

    /** The longest name, in letters. */
    public const LONGEST = 40;

    /** @param int $position in the register, from 0 */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\ManyToOne(inversedBy: 'children')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\Column(length: self::LONGEST)]
        private string $name,
        #[ORM\Column(type: 'smallint')]
        private int $position,
    ) {
    }

    /** That child, where it is still there: one that has left the class is nobody's. */
    public static function there(?self $child): ?self
    {
        return true === $child?->isDeleted() ? null : $child;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function rewrite(string $name, int $position): void
    {
        $this->name = $name;
        $this->position = $position;
    }
}
