<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** A tablet at which a child, or two who take turns, sits in a practice. It is all that such a tablet may reach. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'seat_key', columns: ['secret'])]
class Seat implements UserInterface
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Column]
    private \DateTimeImmutable $seenAt;

    /** When it was given back, by the child or by the teacher. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $leftAt = null;

    /** The question that stands on it, and since when. */
    #[ORM\Column(name: 'question_id', type: 'uuid', nullable: true)]
    private ?Uuid $on = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $onSince = null;

    #[ORM\Column]
    private bool $finished = false;

    /**
     * @param ?Child $child   null where the class has none, and numbers are all there is
     * @param ?Child $partner who takes turns with it
     * @param int    $number  in the register, from 1
     * @param string $secret  SHA-256 of what its cookie holds, in hexadecimal digits
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Practice $practice,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'SET NULL')]
        private ?Child $child,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'SET NULL')]
        private ?Child $partner,
        #[ORM\Column(type: 'smallint')]
        private int $number,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $secret,
        #[ORM\Column]
        private \DateTimeImmutable $cameAt,
        #[ORM\Column]
        private int $seed,
    ) {
        $this->id = Uuid::v7();
        $this->seenAt = $cameAt;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function practice(): Practice
    {
        return $this->practice;
    }

    public function child(): ?Child
    {
        return $this->child;
    }

    public function partner(): ?Child
    {
        return $this->partner;
    }

    /** Whose turn a question is: with two, every other one is the partner's. */
    public function turn(int $place): ?Child
    {
        return null !== $this->partner && 1 === $place % 2 ? $this->partner : $this->child;
    }

    public function number(): int
    {
        return $this->number;
    }

    /** As it is called in this practice. */
    public function nameOf(?Child $child): string
    {
        return true === $child?->isDeleted() ? (string) $this->number : (null === $child || $this->practice->isByNumbers() ? (string) (null === $child ? $this->number : $child->position() + 1) : $child->name());
    }

    public function name(): string
    {
        return $this->nameOf($this->child).(null === $this->partner ? '' : ' and '.$this->nameOf($this->partner));
    }

    public function secret(): string
    {
        return $this->secret;
    }

    public function cameAt(): \DateTimeImmutable
    {
        return $this->cameAt;
    }

    public function seenAt(): \DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function seed(): int
    {
        return $this->seed;
    }

    /** The tablet was heard of; it shows that question. */
    public function isHere(\DateTimeImmutable $now, ?Uuid $on): void
    {
        $this->seenAt = $now;
        if (null !== $on && (null === $this->on || !$this->on->equals($on))) {
            $this->on = $on;
            $this->onSince = $now;
        }
    }

    public function on(): ?Uuid
    {
        return $this->on;
    }

    public function onSince(): ?\DateTimeImmutable
    {
        return $this->onSince;
    }

    public function finish(): void
    {
        $this->finished = true;
    }

    public function isFinished(): bool
    {
        return $this->finished;
    }

    public function leave(\DateTimeImmutable $now): void
    {
        $this->leftAt ??= $now;
    }

    public function hasLeft(): bool
    {
        return null !== $this->leftAt;
    }

    public function getRoles(): array
    {
        return ['ROLE_CHILD'];
    }

    /** @return non-empty-string */
    public function getUserIdentifier(): string
    {
        return $this->id->toRfc4122();
    }

    public function eraseCredentials(): void
    {
    }
}
