<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Rostik\App\Sheet\QuestionText;
use Rostik\Core\Practice\Practised;
use Rostik\Core\Practice\Proposal;
use Rostik\Core\Practice\Reaction;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Practice\Why;
use Rostik\Core\Skill\Level;
use Symfony\Component\Uid\Uuid;

/** A question that was put to a child, or waits to be: why this one, and all that was answered. */
#[ORM\Entity]
#[ORM\Index(name: 'put_seat', columns: ['seat_id', 'place'])]
class Put
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Embedded]
    private QuestionText $text;

    /** @var list<array{given: string, signal: string, read: string, mistake: ?string}> in order */
    #[ORM\Column(type: 'json')]
    private array $answers = [];

    /** How much help there was: 0 none, 1 look again, 2 the first step, 3 the whole working. */
    #[ORM\Column(type: 'smallint')]
    private int $help = 0;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $answeredAt = null;

    /** The first answer was right, or right but for a part that was asked for; null until there was one. */
    #[ORM\Column(name: 'first_right', nullable: true)]
    private ?bool $right = null;

    /** It waited, and something else came in its place. */
    #[ORM\Column]
    private bool $dropped = false;

    /** Whose turn it is; null where there are only numbers. It goes with the child. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'CASCADE')]
    private ?Child $child;

    #[ORM\Column(length: 60)]
    private string $rung;

    #[ORM\Column(length: 10)]
    private Level $level;

    #[ORM\Column(length: 12)]
    private Why $why;

    #[ORM\Column]
    private float $chance;

    /** @param int $place in the practice of that seat, from 0 */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Seat $seat,
        #[ORM\Column(type: 'smallint')]
        private int $place,
        Proposal $proposal,
        QuestionText $text,
    ) {
        $this->id = Uuid::v7();
        $this->child = $seat->turn($place);
        $this->rung = $proposal->rung;
        $this->level = $proposal->level;
        $this->why = $proposal->why;
        $this->chance = $proposal->chance;
        $this->text = $text;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function seat(): Seat
    {
        return $this->seat;
    }

    /** It is answered at another tablet from now on. */
    public function goesTo(Seat $seat): void
    {
        $this->seat = $seat;
    }

    public function place(): int
    {
        return $this->place;
    }

    /** Whose turn it is. */
    public function child(): ?Child
    {
        return $this->child;
    }

    public function text(): QuestionText
    {
        return $this->text;
    }

    public function proposal(): Proposal
    {
        return new Proposal($this->rung, $this->level, $this->why, $this->chance, 0);
    }

    public function why(): Why
    {
        return $this->why;
    }

    public function rung(): string
    {
        return $this->rung;
    }

    /** @return list<array{given: string, signal: string, read: string, mistake: ?string}> */
    public function answers(): array
    {
        return $this->answers;
    }

    public function help(): int
    {
        return $this->help;
    }

    public function isAnswered(): bool
    {
        return null !== $this->answeredAt;
    }

    public function answeredAt(): ?\DateTimeImmutable
    {
        return $this->answeredAt;
    }

    public function isRight(): ?bool
    {
        return $this->right;
    }

    /** How often it said "look again". */
    public function looks(): int
    {
        return \count(array_filter($this->answers, static fn (array $one): bool => Signal::Look->value === $one['signal']));
    }

    public function isDropped(): bool
    {
        return $this->dropped && [] === $this->answers && null === $this->answeredAt;
    }

    public function drop(): void
    {
        $this->dropped = true;
    }

    public function answer(string $given, Reaction $reaction, int $help, \DateTimeImmutable $now): void
    {
        $last = $this->answers[\count($this->answers) - 1] ?? null;
        $this->answers[] = ['given' => $given, 'signal' => $reaction->signal->value, 'read' => $reaction->read, 'mistake' => $reaction->mistake];
        $this->help = max($this->help, $help);
        if (Signal::Unclear !== $reaction->signal) {
            $this->right ??= Signal::Look !== $reaction->signal;
        }
        // who writes the same once more, when only its form was asked for, has found the answer
        $insists = Signal::Ask === $reaction->signal && null !== $last && Signal::Ask->value === $last['signal'];
        if (Signal::Right === $reaction->signal || $insists) {
            $this->answeredAt ??= $now;
        }
    }

    /** The working has been seen, and it goes on. */
    public function over(int $help, \DateTimeImmutable $now): void
    {
        $this->help = max($this->help, $help);
        $this->right ??= false;
        $this->answeredAt ??= $now;
    }

    /**
     * All of it is of another time.
     *
     * @param list<array{given: string, signal: string, read: string, mistake: ?string}> $answers
     */
    public function was(array $answers, int $help, bool $right, ?\DateTimeImmutable $answeredAt): void
    {
        [$this->answers, $this->help, $this->right, $this->answeredAt] = [$answers, $help, $right, $answeredAt];
    }

    public function level(): Level
    {
        return $this->level;
    }

    public function practised(): Practised
    {
        $first = null;
        foreach ($this->answers as $one) {
            $first ??= Signal::Unclear->value === $one['signal'] ? null : $one;
        }

        return new Practised($this->rung, $this->level, true === $this->right, $this->why, null !== $this->right, $first['mistake'] ?? null);
    }
}
