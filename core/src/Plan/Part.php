<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Skill\Level;

/** A part of a lesson: what is in it. How long it takes comes from that ({@see Timing}), unless the teacher gives it its minutes. */
final readonly class Part
{
    /**
     * @param string                $id        within the lesson
     * @param ?string               $rung      that it is about
     * @param ?int                  $minutes   that the teacher gives it; null for what it takes
     * @param ?string               $activity  id
     * @param ?int                  $group     children in a group of the activity; null for what is usual
     * @param array<string, string> $options   chosen about the activity, by id
     * @param Level                 $level     of the activity
     * @param int                   $seed      of the numbers
     * @param list<string>          $sums      for the board
     * @param int                   $questions on paper
     * @param string                $why       it is there, in a sentence
     * @param string                $note      the teacher's own
     * @param string                $done      what a child does who is done before the others; empty for two more sums
     * @param array<string, string> $says      what each of the sums stands there for, by the sum
     */
    public function __construct(
        public string $id,
        public PartKind $kind,
        public ?string $rung = null,
        public ?int $minutes = null,
        public ?string $activity = null,
        public ?int $group = null,
        public array $options = [],
        public Level $level = Level::Core,
        public int $seed = 1,
        public array $sums = [],
        public int $questions = 0,
        public string $why = '',
        public string $note = '',
        public string $done = '',
        public array $says = [],
    ) {
    }

    /** @return list<string> its sums without the words of those that are told */
    public function bareSums(): array
    {
        return array_map(static fn (string $line): string => preg_replace('/^.*\[([^\]]*)\]$/s', '$1', $line) ?? $line, $this->sums);
    }

    /** The same part with so many questions. */
    public function withQuestions(int $questions): self
    {
        return new self($this->id, $this->kind, $this->rung, null, $this->activity, $this->group, $this->options, $this->level, $this->seed, $this->sums, $questions, $this->why, $this->note, $this->done, $this->says);
    }

    /**
     * @param list<string>           $sums
     * @param ?array<string, string> $says what they stand there for, by the sum; null for what they stood there for
     */
    public function withSums(array $sums, ?array $says = null): self
    {
        return new self($this->id, $this->kind, $this->rung, null, $this->activity, $this->group, $this->options, $this->level, $this->seed, $sums, $this->questions, $this->why, $this->note, $this->done, $says ?? $this->says);
    }

    /** @param array<string, string> $options */
    public function played(string $activity, ?int $group, array $options, string $why): self
    {
        return new self($this->id, $this->kind, $this->rung, null, $activity, $group, $options, $this->level, $this->seed, $this->sums, $this->questions, $why, $this->note, $this->done, $this->says);
    }

    /** With the minutes that it takes, whatever the teacher gave it. */
    public function asLongAsItTakes(): self
    {
        return new self($this->id, $this->kind, $this->rung, null, $this->activity, $this->group, $this->options, $this->level, $this->seed, $this->sums, $this->questions, $this->why, $this->note, $this->done, $this->says);
    }
}
