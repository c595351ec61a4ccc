<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;

/** That a teacher teaches a class, and when she last took it up: the one taken up last is the class in hand. */
#[ORM\Entity]
class Teaching
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(inversedBy: 'teachings')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $teacher,
        #[ORM\Column(nullable: true, columnDefinition: 'DATETIME(6) DEFAULT NULL')]
        private ?\DateTimeImmutable $takenUpAt = null,
    ) {
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function teacher(): Teacher
    {
        return $this->teacher;
    }

    public function takenUpAt(): ?\DateTimeImmutable
    {
        return $this->takenUpAt;
    }

    public function takeUp(\DateTimeImmutable $now): void
    {
        $this->takenUpAt = $now;
    }
}
