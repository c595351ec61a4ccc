<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\School;
use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\Core\Notation\Style;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;

/** A class: its children, who teaches it, how it works, and what it has been taught. */
#[ORM\Entity]
class Classroom implements InClassroom, Deletable
{
    use Deleting;

    /** @var Collection<int, Child> */
    #[ORM\OneToMany(targetEntity: Child::class, mappedBy: 'classroom', cascade: ['persist'], orphanRemoval: true)]
    #[ORM\OrderBy(['position' => 'ASC'])]
    private Collection $children;

    /** @var Collection<int, Teaching> */
    #[ORM\OneToMany(targetEntity: Teaching::class, mappedBy: 'classroom', cascade: ['persist'], orphanRemoval: true)]
    private Collection $teachings;

    /** @var array<string, string> ids of the methods in which it works, by kind of sum */
    #[ORM\Column(type: 'json')]
    private array $methods = [];

    #[ORM\Column(type: StyleType::NAME)]
    private Style $style;

    #[ORM\Column(length: 20)]
    private Weekend $weekend = Weekend::SaturdaySunday;

    #[ORM\Column(length: 10)]
    private WeekBegins $weekBegins = WeekBegins::Monday;

    /** @var list<string> ids of rungs of the ladder */
    #[ORM\Column(type: 'json')]
    private array $taught = [];

    #[ORM\Column(length: 2000, options: ['default' => ''])]
    private string $clockTimes = '';

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    private School $school;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: 'uuid')]
        private Uuid $id,
        Teacher $teacher,
        #[ORM\Column(length: 60)]
        private string $name,
    ) {
        $this->style = new Style();
        $this->school = $teacher->school();
        $this->children = new ArrayCollection();
        $this->teachings = new ArrayCollection([new Teaching($this, $teacher)]);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function classroom(): self
    {
        return $this;
    }

    public function school(): School
    {
        return $this->school;
    }

    /** @return list<Teacher> */
    public function teachers(): array
    {
        return array_values(array_map(static fn (Teaching $teaching): Teacher => $teaching->teacher(), $this->teachings->toArray()));
    }

    /**
     * These teach it from now on, and nobody else.
     *
     * @param list<Teacher> $teachers
     */
    public function isTaughtByThese(array $teachers): void
    {
        foreach ($this->teachings as $teaching) {
            if (!\in_array($teaching->teacher(), $teachers, true)) {
                $this->teachings->removeElement($teaching);
            }
        }
        foreach ($teachers as $teacher) {
            if (null === $this->teachingOf($teacher)) {
                $this->teachings->add(new Teaching($this, $teacher));
            }
        }
    }

    /** One that is deleted is taught by nobody. */
    public function isTaughtBy(Teacher $teacher): bool
    {
        return !$this->isDeleted() && null !== $this->teachingOf($teacher);
    }

    /** Makes it the class in hand of that teacher. */
    public function takeUp(Teacher $teacher, \DateTimeImmutable $now): void
    {
        $this->teachingOf($teacher)?->takeUp($now);
    }

    /** When that teacher last took it up; null for who does not teach it. */
    public function takenUpAt(Teacher $teacher): ?\DateTimeImmutable
    {
        return $this->teachingOf($teacher)?->takenUpAt();
    }

    /** When anybody last had it in hand; when it was begun, where nobody has yet. */
    public function lastTakenUp(): \DateTimeImmutable
    {
        $last = $this->begun();
        foreach ($this->teachings as $teaching) {
            $last = max($last, $teaching->takenUpAt() ?? $last);
        }

        return $last;
    }

    /** By its id, which tells the moment (UUID, version 7); long ago for one of another kind. */
    private function begun(): \DateTimeImmutable
    {
        $id = Uuid::fromString($this->id->toRfc4122());

        return $id instanceof UuidV7 ? $id->getDateTime() : new \DateTimeImmutable('2026-01-01');
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<Child> in the order of the register */
    public function children(): array
    {
        $children = array_values(array_filter($this->children->toArray(), static fn (Child $child): bool => !$child->isDeleted()));
        usort($children, static fn (Child $a, Child $b): int => $a->position() <=> $b->position());

        return $children;
    }

    /** In which it writes times and sets out its working. */
    public function style(): Style
    {
        return $this->style->within($this->weekBegins, $this->weekend);
    }

    public function weekend(): Weekend
    {
        return $this->weekend;
    }

    public function weekBegins(): WeekBegins
    {
        return $this->weekBegins;
    }

    /** @return list<string> ids of rungs of the ladder; none where the teacher has not said */
    public function taught(): array
    {
        return $this->taught;
    }

    /** @return array<string, string> id of the method by kind of sum; kinds without one use what suits the numbers */
    public function methods(): array
    {
        return $this->methods;
    }

    /** @param ?string $method id of a method; null for none */
    public function useMethod(Kind $kind, ?string $method): void
    {
        unset($this->methods[$kind->value]);
        if (null !== $method) {
            $this->methods[$kind->value] = $method;
        }
    }

    /** The times that it reads and sets on clocks, as they were typed; empty for none of its own. */
    public function clockTimes(): string
    {
        return $this->clockTimes;
    }

    public function useClockTimes(string $times): void
    {
        $this->clockTimes = $times;
    }

    /** @param list<string> $taught ids of rungs of the ladder */
    public function rewrite(string $name, array $taught, Style $style = new Style(), Weekend $weekend = Weekend::SaturdaySunday, WeekBegins $weekBegins = WeekBegins::Monday): void
    {
        $this->name = $name;
        $this->taught = $taught;
        $this->style = $style;
        $this->weekend = $weekend;
        $this->weekBegins = $weekBegins;
    }

    /**
     * Writes the register: who is not in it leaves the class, and can be brought back for a while; who left and is in it is back.
     *
     * @param array<string, string> $names by the id of the child, in order
     */
    public function register(array $names, \DateTimeImmutable $now): void
    {
        $known = [];
        foreach ($this->children as $child) {
            $known[$child->id()->toRfc4122()] = $child;
        }
        $position = 0;
        foreach ($names as $id => $name) {
            if (isset($known[$id])) {
                $known[$id]->rewrite($name, $position);
                $known[$id]->delete(null);
                unset($known[$id]);
            } else {
                $this->children->add(new Child(Uuid::fromString($id), $this, $name, $position));
            }
            ++$position;
        }
        foreach ($known as $gone) {
            if (!$gone->isDeleted()) {
                $gone->delete($now);
            }
        }
    }

    /** All children leave it, for good. */
    public function leave(): void
    {
        $this->children->clear();
    }

    private function teachingOf(Teacher $teacher): ?Teaching
    {
        foreach ($this->teachings as $teaching) {
            if ($teaching->teacher()->id()->equals($teacher->id())) {
                return $teaching;
            }
        }

        return null;
    }
}
