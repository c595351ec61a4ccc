<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Child;
use Symfony\Component\Uid\Uuid;

/** One try. Whose it was is known only where the teacher wanted it. */
#[ORM\Entity]
class TallyTry
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Tally $tally,
        #[ORM\Column(type: 'smallint')]
        private int $place,
        #[ORM\Column(type: 'smallint')]
        private int $tenths,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(onDelete: 'SET NULL')]
        private ?Child $child,
        ?Uuid $id = null,
    ) {
        $this->id = $id ?? Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function tally(): Tally
    {
        return $this->tally;
    }

    public function place(): int
    {
        return $this->place;
    }

    /** Tenths of a second. */
    public function tenths(): int
    {
        return $this->tenths;
    }

    public function child(): ?Child
    {
        return Child::there($this->child);
    }
}
