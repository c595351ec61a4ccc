<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Time\CalendarDate;
use Symfony\Component\Uid\Uuid;

/** A lesson of a class: when it is, what is in it, and what became of it. */
#[ORM\Entity]
#[ORM\Index(name: 'planned_lesson_class', columns: ['classroom_id', 'on_day', 'start'])]
class PlannedLesson implements InClassroom, Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Column(type: Types::DATE_IMMUTABLE)]
    private \DateTimeImmutable $onDay;

    /** Minutes after midnight. */
    #[ORM\Column(type: 'smallint')]
    private int $start;

    #[ORM\Column(type: 'smallint')]
    private int $minutes;

    #[ORM\Column(length: 60)]
    private string $rung;

    #[ORM\Column(length: 8)]
    private Purpose $purpose;

    #[ORM\Column(length: 400)]
    private string $why;

    /** @var array<mixed> */
    #[ORM\Column(type: 'json')]
    private array $parts = [];

    /** @var array<string, string> ids of sheets, by what they are for: a level, or "ticket" */
    #[ORM\Column(type: 'json')]
    private array $sheets = [];

    /** @var array<string, int> how many sheets are needed, by level */
    #[ORM\Column(type: 'json')]
    private array $levels = [];

    /** @var list<string> what is ready, as the teacher ticked it */
    #[ORM\Column(type: 'json')]
    private array $ready = [];

    /** @var array<string, int> minutes that parts took, by id */
    #[ORM\Column(type: 'json')]
    private array $took = [];

    #[ORM\Column(length: 8)]
    private LessonState $state = LessonState::Planned;

    #[ORM\Column(length: 2000)]
    private string $note = '';

    #[ORM\Column]
    private int $revision = 1;

    /**
     * @param array<mixed>       $parts  as {@see PartText}
     * @param array<string, int> $levels
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        Lesson $lesson,
        array $parts,
        array $levels,
    ) {
        $this->id = Uuid::v7();
        $this->moveTo($lesson->slot);
        $this->rung = $lesson->step->rung;
        $this->purpose = $lesson->step->purpose;
        $this->why = mb_substr($lesson->step->why, 0, 400);
        $this->parts = $parts;
        $this->levels = $levels;
        $this->revision = 1;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function slot(): Slot
    {
        return new Slot(CalendarDate::of((int) $this->onDay->format('Y'), (int) $this->onDay->format('n'), (int) $this->onDay->format('j')), $this->start, $this->minutes);
    }

    public function moveTo(Slot $slot): void
    {
        $this->onDay = new \DateTimeImmutable($slot->date->iso());
        $this->start = $slot->start;
        $this->minutes = $slot->minutes;
        ++$this->revision;
    }

    public function on(): string
    {
        return $this->onDay->format('Y-m-d');
    }

    public function rung(): string
    {
        return $this->rung;
    }

    public function purpose(): Purpose
    {
        return $this->purpose;
    }

    public function why(): string
    {
        return $this->why;
    }

    /** @return array<mixed> as {@see PartText} */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @param array<mixed> $parts */
    public function fill(array $parts, ?string $note = null): void
    {
        $this->parts = $parts;
        $this->note = $note ?? $this->note;
        ++$this->revision;
    }

    /** @return array<string, string> ids, by level or "ticket" */
    public function sheets(): array
    {
        return $this->sheets;
    }

    /** @param array<string, string> $sheets */
    public function has(array $sheets): void
    {
        $this->sheets = $sheets;
    }

    /** @return array<string, int> */
    public function levels(): array
    {
        return $this->levels;
    }

    /** @return list<string> */
    public function ready(): array
    {
        return $this->ready;
    }

    /** @param list<string> $ready */
    public function isReadyWith(array $ready): void
    {
        $this->ready = $ready;
    }

    public function state(): LessonState
    {
        return $this->state;
    }

    /** @return array<string, int> minutes, by part */
    public function took(): array
    {
        return $this->took;
    }

    /** @param array<string, int> $took */
    public function went(LessonState $state, array $took): void
    {
        $this->state = $state;
        $this->took = $took;
        ++$this->revision;
    }

    public function note(): string
    {
        return $this->note;
    }

    public function revision(): int
    {
        return $this->revision;
    }
}
