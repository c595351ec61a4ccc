<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InClassroom;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\App\Sheet\QuestionText;
use Rostik\App\Sheet\SheetTable;
use Rostik\Core\Evidence\Seen;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Uid\Uuid;

/** A practice of a class: what is practised, the code that leads there, and from when to when. */
#[ORM\Entity]
#[ORM\Index(name: 'practice_code', columns: ['code', 'ends_at'])]
#[ORM\Index(name: 'practice_class', columns: ['classroom_id', 'opened_at'])]
class Practice implements InClassroom, Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $closedAt = null;

    #[ORM\Column(length: 120)]
    private string $lastWord = '';

    /** @var array<string, array<string, list<array{bool, string}>>> by child and rung: answers of earlier days, right or not and when */
    #[ORM\Column(name: 'earlier', type: 'json')]
    private array $before = [];

    /** @var ?list<array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string}> */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $sheet;

    /** @var ?array{title: string, vehicle: string, csv: string} */
    #[ORM\Column(type: 'json', nullable: true)]
    private ?array $timetable;

    /**
     * @param string              $code      as {@see Code} draws it
     * @param list<string>        $rungs     ids, in no special order
     * @param ?list<QuestionText> $sheet     the questions of a sheet; null where none is practised
     * @param int                 $questions so many for each child
     * @param bool                $signs     whether a child also shows its three pictures
     * @param bool                $numbers   whether children are known by their numbers alone
     * @param ?SheetTable         $table     the timetable that is asked about; null for none
     * @param ?int                $target    seconds that are to be felt; null where questions are asked
     */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Classroom $classroom,
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $owner,
        #[ORM\Column(length: 24)]
        private string $code,
        #[ORM\Column(name: 'what', length: 10)]
        private PracticeOf $of,
        #[ORM\Column(type: 'json')]
        private array $rungs,
        ?array $sheet,
        #[ORM\Column(length: 120)]
        private string $title,
        #[ORM\Column(type: 'smallint')]
        private int $questions,
        #[ORM\Column]
        private bool $signs,
        #[ORM\Column]
        private bool $numbers,
        #[ORM\Column]
        private \DateTimeImmutable $openedAt,
        #[ORM\Column]
        private \DateTimeImmutable $endsAt,
        ?SheetTable $table = null,
        #[ORM\Column(type: 'smallint', nullable: true)]
        private ?int $target = null,
    ) {
        $this->id = Uuid::v7();
        $this->timetable = null === $table ? null : ['title' => $table->title, 'vehicle' => $table->vehicle->value, 'csv' => $table->csv];
        $this->sheet = null === $sheet ? null : array_map(static fn (QuestionText $text): array => $text->kept(), $sheet);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): Classroom
    {
        return $this->classroom;
    }

    public function owner(): Teacher
    {
        return $this->owner;
    }

    /** It is kept by another teacher of the class from now on. */
    public function goesTo(Teacher $teacher): void
    {
        $this->owner = $teacher;
    }

    public function code(): string
    {
        return $this->code;
    }

    public function of(): PracticeOf
    {
        return $this->of;
    }

    /** @return list<string> */
    public function rungs(): array
    {
        return $this->rungs;
    }

    /** @return list<QuestionText> none where no sheet is practised */
    public function sheet(): array
    {
        return array_map(QuestionText::ofKept(...), $this->sheet ?? []);
    }

    /** The timetable that is asked about; null where there is none. */
    public function table(): ?SheetTable
    {
        return null === $this->timetable ? null : new SheetTable($this->timetable['title'], Vehicle::tryFrom($this->timetable['vehicle']) ?? Vehicle::Service, $this->timetable['csv']);
    }

    /** Seconds that are to be felt; null where questions are asked. */
    public function target(): ?int
    {
        return $this->target;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function questions(): int
    {
        return $this->questions;
    }

    public function wantsSigns(): bool
    {
        return $this->signs;
    }

    public function isByNumbers(): bool
    {
        return $this->numbers;
    }

    public function openedAt(): \DateTimeImmutable
    {
        return $this->openedAt;
    }

    public function day(): string
    {
        return $this->openedAt->format('Y-m-d');
    }

    public function isOpen(\DateTimeImmutable $now): bool
    {
        return null === $this->closedAt && $now < $this->endsAt && !$this->isAway();
    }

    /** Deleted, or its class is. */
    public function isAway(): bool
    {
        return $this->isDeleted() || $this->classroom->isDeleted();
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->endsAt;
    }

    public function close(\DateTimeImmutable $now, string $lastWord): void
    {
        $this->closedAt ??= $now;
        $this->lastWord = $lastWord;
    }

    public function closedAt(): \DateTimeImmutable
    {
        return $this->closedAt ?? $this->endsAt;
    }

    public function lastWord(): string
    {
        return $this->lastWord;
    }

    /** @return array<string, array<string, list<array{bool, string}>>> by child and rung, as it is kept */
    public function earlier(): array
    {
        return $this->before;
    }

    /** @return ?array{title: string, vehicle: string, csv: string} as it is kept */
    public function timetable(): ?array
    {
        return $this->timetable;
    }

    /** @param array<string, array<string, list<array{bool, string}>>> $before by child and rung: right or not, and when */
    public function remember(array $before): void
    {
        $this->before = $before;
    }

    /** @return array<string, list<Seen>> by rung */
    public function beforeOf(string $child): array
    {
        return array_map(static fn (array $seen): array => array_map(static fn (array $one): Seen => new Seen($one[0], $one[1]), $seen), $this->before[$child] ?? []);
    }
}
