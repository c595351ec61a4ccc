<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;

/** What was seen of a child, as it was worked out last. It is worked out again when its answers are others ({@see ClassAnswers}), and goes with the child. */
#[ORM\Entity]
class KeptSeen
{
    /**
     * @param string       $mark      of the answers and the rules it rests on
     * @param string       $classMark of all that the class has answered, when that was last looked at: as long as it is the same, so is the child's
     * @param array<mixed> $brief     {@see SeenOfChild::brief}
     * @param array<mixed> $whole     {@see SeenOfChild::whole}
     * @param array<mixed> $histories {@see SeenOfChild::histories}
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Child $child,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $mark,
        #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
        private string $classMark,
        #[ORM\Column(type: 'json')]
        private array $brief,
        #[ORM\Column(type: 'json')]
        private array $whole,
        #[ORM\Column(type: 'json')]
        private array $histories,
    ) {
    }

    public function child(): Child
    {
        return $this->child;
    }

    public function mark(): string
    {
        return $this->mark;
    }

    public function classMark(): string
    {
        return $this->classMark;
    }

    /** @return array<mixed> */
    public function brief(): array
    {
        return $this->brief;
    }

    /** @return array<mixed> */
    public function histories(): array
    {
        return $this->histories;
    }

    /** @return array<mixed> */
    public function whole(): array
    {
        return $this->whole;
    }
}
