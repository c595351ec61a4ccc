<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Symfony\Component\Uid\Uuid;

/** What a class is to learn, and when it has its lessons. */
#[ORM\Entity]
#[ORM\UniqueConstraint(name: 'course_class', columns: ['classroom_id'])]
#[ORM\UniqueConstraint(name: 'course_feed', columns: ['feed'])]
class Course implements InClassroom
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @var array<mixed> */
    #[ORM\Column(type: 'json')]
    private array $wanted = [];

    /** Of the private address of the calendar only this is kept: it is shown once. */
    #[ORM\Column(length: 64, nullable: true)]
    private ?string $feed = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
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

    /** @return array<mixed> as {@see CourseText} writes it */
    public function wanted(): array
    {
        return $this->wanted;
    }

    /** @param array<mixed> $wanted */
    public function become(array $wanted): void
    {
        $this->wanted = $wanted;
    }

    public function hasFeed(): bool
    {
        return null !== $this->feed;
    }

    /** @param ?string $secret the last part of the address; null for none any more */
    public function feedAt(?string $secret): void
    {
        $this->feed = null === $secret ? null : self::kept($secret);
    }

    public static function kept(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
