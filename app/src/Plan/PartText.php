<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Skill\Level;
use Symfony\Component\Validator\Constraints as Assert;

/** A part of a lesson, as it is sent to and fro and kept. */
final readonly class PartText
{
    /**
     * @param string                $id        within the lesson
     * @param ?string               $rung      id
     * @param ?int                  $minutes   that the teacher gives it; null for what it takes
     * @param ?string               $activity  id
     * @param ?int                  $group     children in a group; null for what is usual
     * @param array<string, string> $options   chosen about the activity, by id
     * @param list<string>          $sums      for the board
     * @param int                   $questions on paper
     * @param string                $why       it is there; may be empty
     * @param string                $note      the teacher's own
     * @param string                $done      what a child does who is done before the others; empty for two more sums
     * @param array<string, string> $says      what each of the sums stands there for, by the sum; of a teacher's own nothing
     */
    public function __construct(
        #[Assert\Length(min: 1, max: 20)]
        #[Assert\Regex('/^[a-z0-9-]+$/')]
        public string $id = 'part',
        public PartKind $kind = PartKind::Explain,
        #[Assert\Length(max: 60)]
        public ?string $rung = null,
        #[Assert\Range(min: 1, max: 240)]
        public ?int $minutes = null,
        #[Assert\Length(max: 40)]
        public ?string $activity = null,
        #[Assert\Range(min: 1, max: 40)]
        public ?int $group = null,
        #[Assert\Count(max: 8)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 20)])]
        public array $options = [],
        public Level $level = Level::Core,
        #[Assert\Range(min: 0, max: 2_000_000_000)]
        public int $seed = 1,
        #[Assert\Count(max: 12, maxMessage: 'At the board there is time for twelve sums at the most.')]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 600)])]
        public array $sums = [],
        #[Assert\Range(min: 0, max: 60)]
        public int $questions = 0,
        #[Assert\Length(max: 300)]
        public string $why = '',
        #[Assert\Length(max: 500)]
        public string $note = '',
        #[Assert\Length(max: 300)]
        public string $done = '',
        #[Assert\Count(max: 24)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 300)])]
        public array $says = [],
    ) {
    }

    public static function of(Part $part): self
    {
        return new self($part->id, $part->kind, $part->rung, $part->minutes, $part->activity, $part->group, $part->options, $part->level, $part->seed, $part->sums, $part->questions, $part->why, $part->note, $part->done, $part->says);
    }

    public function part(): Part
    {
        return new Part($this->id, $this->kind, $this->rung, $this->minutes, $this->activity, $this->group, $this->options, $this->level, $this->seed, array_values($this->sums), $this->questions, $this->why, $this->note, $this->done, array_intersect_key($this->says, array_flip($this->sums)));
    }

    /** One of these in a list, for {@see Assert\Unique}. */
    public static function identity(mixed $part): ?string
    {
        return $part instanceof self ? $part->id : null;
    }
}
