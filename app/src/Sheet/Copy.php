<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Child;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\Core\Sheet\Code;
use Symfony\Component\Uid\Uuid;

/**
 * One copy of a sheet with numbers of its own, as it was when it was made: what is printed stays true, whatever becomes of
 * the sheet. It keeps the text of its sums, never their answers.
 */
#[ORM\Entity]
#[ORM\Index(name: 'copy_set', columns: ['set_id', 'position'])]
#[ORM\UniqueConstraint(name: 'copy_code', columns: ['owner_id', 'code'])]
class Copy implements Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Teacher $owner;

    #[ORM\Column(length: 4)]
    private string $code;

    /** @var list<array<string, bool|string>> what differs from the base; all of it, where there is none */
    #[ORM\Column(type: 'json')]
    private array $questions;

    /**
     * @param Uuid               $setId     of all that were made together
     * @param int                $position  from 0
     * @param ?Child             $child     whose copy it is; null for a neighbours' copy, and for a child that has left
     * @param list<QuestionText> $questions in order
     * @param CopyBase           $base      what is the same in all of the set
     * @param int                $moved     by so many minutes the timetable of the sheet is later in it, or earlier
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Sheet $sheet,
        #[ORM\Column(type: 'uuid')]
        private Uuid $setId,
        #[ORM\Column(type: 'smallint')]
        private int $position,
        Code $code,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'SET NULL')]
        private ?Child $child,
        array $questions,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?CopyBase $base,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
        #[ORM\Column(type: 'smallint', options: ['default' => 0])]
        private int $moved = 0,
    ) {
        $this->id = Uuid::v7();
        $this->questions = $base?->differences($questions) ?? array_map(static fn (QuestionText $text): array => $text->kept(), $questions);
        $this->owner = $sheet->owner();
        $this->code = (string) $code;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function owner(): Teacher
    {
        return $this->owner;
    }

    public function sheet(): Sheet
    {
        return $this->sheet;
    }

    public function setId(): Uuid
    {
        return $this->setId;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function child(): ?Child
    {
        return Child::there($this->child);
    }

    /** Of the child; empty for none, and for one whose class is in other hands now. */
    public function name(): string
    {
        $child = $this->child();

        return true === $child?->classroom()->isTaughtBy($this->owner) ? $child->name() : '';
    }

    /** @return list<QuestionText> */
    public function questions(): array
    {
        /** @var list<array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string}> $kept */
        $kept = $this->base?->with($this->questions) ?? $this->questions;

        return array_map(QuestionText::ofKept(...), $kept);
    }

    /** By so many minutes the timetable of the sheet is later in it, or earlier. */
    public function moved(): int
    {
        return $this->moved;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
