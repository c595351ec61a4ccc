<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Symfony\Component\Uid\Uuid;

/** How long a class took over an activity. No child is named. */
#[ORM\Entity]
#[ORM\Index(name: 'played_game_class', columns: ['classroom_id', 'activity', 'played_at'])]
class PlayedGame implements InClassroom
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\Column(length: 40)]
        private string $activity,
        #[ORM\Column(type: 'smallint')]
        private int $turns,
        #[ORM\Column(type: 'smallint')]
        private int $seconds,
        #[ORM\Column]
        private \DateTimeImmutable $playedAt,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function activity(): string
    {
        return $this->activity;
    }

    public function turns(): int
    {
        return $this->turns;
    }

    public function seconds(): int
    {
        return $this->seconds;
    }

    public function playedAt(): \DateTimeImmutable
    {
        return $this->playedAt;
    }
}
