<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Symfony\Component\Uid\Uuid;

/** A pile of papers to be marked: what was asked, as it was printed, and a paper for each child. */
#[ORM\Entity]
#[ORM\Index(name: 'pile_shelf', columns: ['owner_id', 'on_day'])]
class Pile implements Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @var Collection<int, PilePart> */
    #[ORM\OneToMany(targetEntity: PilePart::class, mappedBy: 'pile', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['position' => 'ASC'])]
    private Collection $parts;

    /** @var Collection<int, Paper> */
    #[ORM\OneToMany(targetEntity: Paper::class, mappedBy: 'pile', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['position' => 'ASC'])]
    private Collection $papers;

    #[ORM\Column]
    private bool $byChildren = false;

    #[ORM\Column]
    private bool $nearlyCounts = true;

    /** Goes up with everything that is marked. */
    #[ORM\Column]
    private int $revision = 0;

    /**
     * @param ?Classroom         $classroom null where it is of no class; what is of a class goes with it
     * @param \DateTimeImmutable $onDay     on which it was written
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $owner,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Classroom $classroom,
        #[ORM\Column(length: 120)]
        private string $title,
        #[ORM\Column(type: Types::DATE_IMMUTABLE)]
        private \DateTimeImmutable $onDay,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
    ) {
        $this->id = Uuid::v7();
        $this->parts = new ArrayCollection();
        $this->papers = new ArrayCollection();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function onDay(): \DateTimeImmutable
    {
        return $this->onDay;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function owner(): Teacher
    {
        return $this->owner;
    }

    public function classroom(): ?Classroom
    {
        return $this->classroom;
    }

    /** Who teaches the class; who made it, where it is of none. */
    public function isFor(Teacher $teacher): bool
    {
        return $this->classroom?->isTaughtBy($teacher) ?? $this->owner->id()->equals($teacher->id());
    }

    /** It is kept by another teacher of the class from now on. */
    public function goesTo(Teacher $teacher): void
    {
        $this->owner = $teacher;
    }

    public function add(PilePart $part): void
    {
        $this->parts->add($part);
    }

    public function lay(Paper $paper): void
    {
        $this->papers->add($paper);
    }

    /** @return list<PilePart> in order */
    public function parts(): array
    {
        return array_values($this->parts->toArray());
    }

    /** @return list<Paper> in order, without those of children who have left the class */
    public function papers(): array
    {
        return array_values(array_filter($this->papers->toArray(), static fn (Paper $paper): bool => true !== $paper->child()?->isDeleted()));
    }

    /** @return list<Child> whose papers lie in it, those who have left the class among them */
    public function children(): array
    {
        return array_values(array_filter(array_map(static fn (Paper $paper): ?Child => $paper->child(), $this->papers->toArray())));
    }

    public function isByChildren(): bool
    {
        return $this->byChildren;
    }

    public function doesNearlyCount(): bool
    {
        return $this->nearlyCounts;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    /** @return int the new revision */
    public function revise(): int
    {
        return ++$this->revision;
    }

    public function set(?string $title, ?\DateTimeImmutable $onDay, ?bool $byChildren, ?bool $nearlyCounts): void
    {
        $this->title = $title ?? $this->title;
        $this->onDay = $onDay ?? $this->onDay;
        $this->byChildren = $byChildren ?? $this->byChildren;
        $this->nearlyCounts = $nearlyCounts ?? $this->nearlyCounts;
    }
}
