<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Symfony\Component\Uid\Uuid;

/** A class of one teacher: what the children are called, and what has been taught. Nothing else is kept of a child. */
#[ORM\Entity]
#[ORM\Index(name: 'classroom_owner', columns: ['owner_id', 'name'])]
class Classroom
{
    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    private array $children = [];

    /** @var list<string> ids of rungs of the ladder */
    #[ORM\Column(type: 'json')]
    private array $taught = [];

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $owner,
        #[ORM\Column(length: 60)]
        private string $name,
    ) {
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function belongsTo(Teacher $teacher): bool
    {
        return $this->owner->id()->equals($teacher->id());
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<string> first names, as the teacher wrote them */
    public function children(): array
    {
        return $this->children;
    }

    /** @return list<string> ids of rungs of the ladder; none where the teacher has not said */
    public function taught(): array
    {
        return $this->taught;
    }

    /**
     * @param list<string> $children
     * @param list<string> $taught
     */
    public function rewrite(string $name, array $children, array $taught): void
    {
        $this->name = $name;
        $this->children = $children;
        $this->taught = $taught;
    }
}
