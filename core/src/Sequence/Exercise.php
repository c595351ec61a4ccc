<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

use Rostik\Core\Question\Question;
use Rostik\Core\Skill\Features;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** A question with what makes it hard, and, in a sequence, what it stands there for. */
final readonly class Exercise
{
    public float $number;

    public Features $features;

    /** @var list<Difficulty> that it has */
    public array $difficulties;

    /**
     * @param string $text its sum in canonical text
     * @param string $says its job in a sentence, without a full stop
     * @param ?self  $same the same in another place, of which all is known already
     */
    public function __construct(public Question $question, public string $text, public Job $job = Job::Plain, public string $says = '', ?self $same = null)
    {
        $this->features = $same->features ?? Features::of($question->sum);
        $this->difficulties = $same->difficulties ?? Difficulty::of($question->sum, $this->features, '' !== $question->wording);
        $this->number = Difficulty::number($this->difficulties);
    }

    public function for(Job $job, string $says): self
    {
        return new self($this->question, $this->text, $job, $says, $this);
    }

    /** What it is written as: the words, where it is told, and the sum. */
    public function line(): string
    {
        return '' === $this->question->wording ? $this->text : \sprintf('%s [%s]', $this->question->wording, $this->text);
    }

    /** @return list<Difficulty> what it has and the other has not */
    public function beyond(self $other): array
    {
        return array_values(array_filter($this->difficulties, static fn (Difficulty $one): bool => !\in_array($one, $other->difficulties, true)));
    }

    /** How many difficulties one of the two has and the other has not. */
    public function apart(self $other): int
    {
        return \count($this->beyond($other)) + \count($other->beyond($this));
    }

    /** How far it is like another one in its numbers: terms that stand in both. */
    public function shares(self $other): int
    {
        $own = self::terms($this);

        return \count(array_intersect($own, self::terms($other)));
    }

    /** @return list<string> each time and each length that is given */
    private static function terms(self $one): array
    {
        $sum = $one->question->sum;

        return [
            ...array_map(static fn (StatedTime $time): string => 'at '.$time->inSeconds(), $sum->times()),
            ...array_map(static fn (Amount $length): string => $length->duration->chain->name.' '.$length->duration->count, $sum->lengths()),
        ];
    }
}
