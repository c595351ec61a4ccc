<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Classroom\InventedNames;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Symfony\Component\Uid\Uuid;

/** A sheet of sums that belongs to one teacher. It keeps the text of its sums, never their answers. */
#[ORM\Entity(repositoryClass: SheetRepository::class)]
#[ORM\Index(name: 'sheet_shelf', columns: ['owner_id', 'deleted_at', 'changed_at'])]
class Sheet implements Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** Counts the changes: whoever saves says which version was changed. */
    #[ORM\Version]
    #[ORM\Column(type: 'integer')]
    private int $version = 1;

    #[ORM\Column]
    private \DateTimeImmutable $changedAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $archivedAt = null;

    /** Since when it has been on the shelf of the school, where colleagues take copies; null where it is not. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $sharedAt = null;

    /** Who gave it; empty where the owner made it. */
    #[ORM\Column(length: Teacher::LONGEST, options: ['default' => ''])]
    private string $givenBy = '';

    /** The same for sheets that were made together, one for each level. */
    #[ORM\Column(type: 'uuid', nullable: true)]
    private ?Uuid $family = null;

    /** @var list<string> ids of the rungs that its questions exercise, to find it by */
    #[ORM\Column(type: 'json')]
    private array $rungs = [];

    #[ORM\Column(type: SheetSettingsType::NAME)]
    private SheetSettings $settings;

    /** The class it is for. */
    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Classroom $classroom = null;

    /** @var Collection<int, Question> */
    #[ORM\OneToMany(targetEntity: Question::class, mappedBy: 'sheet', cascade: ['persist'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    private Collection $questions;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $owner,
        #[ORM\Column(length: 120)]
        private string $title,
        \DateTimeImmutable $now,
    ) {
        $this->id = Uuid::v7();
        $this->changedAt = $now;
        $this->settings = new SheetSettings();
        $this->questions = new ArrayCollection();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function settings(): SheetSettings
    {
        return $this->settings;
    }

    /** That it is for; null for none, and for one that is deleted. */
    public function classroom(): ?Classroom
    {
        return true === $this->classroom?->isDeleted() ? null : $this->classroom;
    }

    /** @param ?Classroom $classroom null for no class */
    public function isFor(?Classroom $classroom): void
    {
        $this->classroom = $classroom;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function isArchived(): bool
    {
        return null !== $this->archivedAt;
    }

    public function family(): ?Uuid
    {
        return $this->family;
    }

    /** Counts it among the sheets that were made together. */
    public function join(Uuid $family): void
    {
        $this->family = $family;
    }

    /** @param list<string> $rungs that its questions exercise */
    public function index(array $rungs): void
    {
        $this->rungs = $rungs;
    }

    public function owner(): Teacher
    {
        return $this->owner;
    }

    public function belongsTo(Teacher $teacher): bool
    {
        return $this->owner->id()->equals($teacher->id());
    }

    /** @return list<Question> in order */
    public function questions(): array
    {
        $questions = array_values($this->questions->toArray());
        usort($questions, static fn (Question $a, Question $b): int => $a->position() <=> $b->position());

        return $questions;
    }

    /** @return list<string> the sums of its questions as they were typed, in order */
    public function sums(): array
    {
        return array_map(static fn (Question $q): string => $q->text()->sum, $this->questions());
    }

    /** @return list<string> the same, a problem with its words before its sum */
    public function lines(): array
    {
        return array_map(static fn (Question $q): string => $q->text()->line(), $this->questions());
    }

    /** @return list<int> places, from 0, of the questions that keep their numbers when others are drawn */
    public function keptPlaces(): array
    {
        return array_keys(array_filter($this->questions(), static fn (Question $q): bool => $q->keepsItsNumbers()));
    }

    /**
     * Replaces title and questions by what was sent; questions that were there already keep their identity.
     *
     * @param list<QuestionRequest> $wanted   in their new order
     * @param ?SheetSettings        $settings null to leave them as they are
     */
    public function rewrite(string $title, array $wanted, \DateTimeImmutable $now, ?SheetSettings $settings = null): void
    {
        $this->title = $title;
        $this->settings = $settings ?? $this->settings;
        $this->changedAt = $now;
        $known = [];
        foreach ($this->questions as $question) {
            $known[$question->key()] = $question;
        }
        foreach ($wanted as $position => $one) {
            if (isset($known[$one->id])) {
                $known[$one->id]->rewrite($one->text, $position, $one->locked);
                unset($known[$one->id]);
            } else {
                $this->questions->add(new Question($this, $one->id, $one->text, $position, $one->locked));
            }
        }
        foreach ($known as $gone) {
            $this->questions->removeElement($gone);
        }
    }

    /** The same once more: “The ferry” has “The ferry (2)” beside it. */
    public function duplicate(\DateTimeImmutable $now): self
    {
        $again = 1 === preg_match('/^(.*) \((\d{1,3})\)$/su', $this->title, $m) ? [$m[1], (int) $m[2] + 1] : [$this->title, 2];
        $duplicate = new self($this->owner, mb_substr($again[0], 0, 112).' ('.$again[1].')', $now);
        $duplicate->settings = $this->settings;
        $duplicate->classroom = $this->classroom;
        $duplicate->rungs = $this->rungs;
        foreach ($this->questions() as $question) {
            $duplicate->questions->add(new Question($duplicate, $question->key(), $question->text(), $question->position(), $question->isLocked()));
        }

        return $duplicate;
    }

    /** A copy for a colleague: hers from the first moment, for no class, with its questions and settings, and made-up names. */
    public function givenTo(Teacher $colleague, InventedNames $names, \DateTimeImmutable $now): self
    {
        $given = new self($colleague, $names->in($this->title), $now);
        $given->settings = $this->settings;
        $given->rungs = $this->rungs;
        $given->givenBy = $this->owner->name();
        foreach ($this->questions() as $question) {
            $given->questions->add(new Question($given, $question->key(), $question->text()->withNames($names), $question->position(), $question->isLocked()));
        }

        return $given;
    }

    /** Who gave it; empty where the owner made it. */
    public function givenBy(): string
    {
        return $this->givenBy;
    }

    public function isShared(): bool
    {
        return null !== $this->sharedAt;
    }

    /** Puts it on the shelf of the school, or takes it off. */
    public function share(?\DateTimeImmutable $at): void
    {
        $this->sharedAt = $at;
    }

    /** Takes it off the shelf, or puts it back. */
    public function archive(?\DateTimeImmutable $at): void
    {
        $this->archivedAt = $at;
    }
}
