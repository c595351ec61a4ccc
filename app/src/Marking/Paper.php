<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Symfony\Component\Uid\Uuid;

/** The paper of one child, with what was marked on it. It goes with the child. */
#[ORM\Entity]
class Paper
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @var ?list<array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string}> */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $own;

    /** @var array<int, array{given?: string, sign?: string, over?: bool, at: int}> by place of the question, from 0; `at` is the revision in which it was marked */
    #[ORM\Column(type: 'json')]
    private array $marks = [];

    #[ORM\Column]
    private bool $absent = false;

    /**
     * @param ?Child              $child whose it is; null where the class has no names
     * @param string              $code  of the copy; empty for the sheet itself
     * @param int                 $part  place of what was asked, among the parts of the pile
     * @param ?list<QuestionText> $own   questions of its own, of a copy
     * @param int                 $moved by so many minutes the timetable is later in that copy
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'papers')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Pile $pile,
        #[ORM\Column(type: 'smallint')]
        private int $position,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?Child $child,
        #[ORM\Column(length: 4)]
        private string $code = '',
        #[ORM\Column(type: 'smallint')]
        private int $part = 0,
        ?array $own = null,
        #[ORM\Column(type: 'smallint')]
        private int $moved = 0,
    ) {
        $this->id = Uuid::v7();
        $this->own = null === $own ? null : array_map(static fn (QuestionText $text): array => $text->kept(), $own);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function pile(): Pile
    {
        return $this->pile;
    }

    public function position(): int
    {
        return $this->position;
    }

    public function child(): ?Child
    {
        return $this->child;
    }

    /** The name of the child, the code of the copy, or a number. */
    public function name(): string
    {
        return Child::there($this->child)?->name() ?? ('' === $this->code ? (string) ($this->position + 1) : $this->code);
    }

    public function code(): string
    {
        return $this->code;
    }

    public function part(): int
    {
        return $this->part;
    }

    public function isAbsent(): bool
    {
        return $this->absent;
    }

    public function moved(): int
    {
        return $this->moved;
    }

    /** @return ?list<QuestionText> null where it has none of its own */
    public function own(): ?array
    {
        return null === $this->own ? null : array_map(QuestionText::ofKept(...), $this->own);
    }

    public function set(?bool $absent, ?int $part): void
    {
        $this->absent = $absent ?? $this->absent;
        $this->part = $part ?? $this->part;
    }

    public function mark(int $question, Written $written, int $revision): void
    {
        $this->marks[$question] = array_filter(['given' => $written->given, 'sign' => $written->sign?->value], static fn (?string $one): bool => null !== $one && '' !== $one)
            + (null === $written->over ? [] : ['over' => $written->over])
            + ['at' => $revision];
    }

    /** @return array<int, Written> by place of the question; only what is marked */
    public function marks(): array
    {
        return array_filter(array_map(static fn (array $one): Written => new Written($one['given'] ?? '', Sign::tryFrom($one['sign'] ?? ''), $one['over'] ?? null), $this->marks), static fn (Written $one): bool => !$one->isNothing() || null !== $one->over);
    }

    /** @return list<int> places of what was marked, or taken back, after that revision */
    public function changedSince(int $revision): array
    {
        return array_keys(array_filter($this->marks, static fn (array $one): bool => $one['at'] > $revision));
    }
}
