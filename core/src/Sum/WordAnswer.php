<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Weekday;

/** An answer in a word: a day of the week, yes or no. */
final readonly class WordAnswer implements Answer
{
    use UsualAnswer;

    private function __construct(public string $word)
    {
    }

    /** @param int $day 1 for Monday to 7 for Sunday */
    public static function weekday(int $day): self
    {
        return new self(Weekday::name($day));
    }

    public static function yesOrNo(bool $yes): self
    {
        return new self($yes ? 'yes' : 'no');
    }

    public function value(): string
    {
        return $this->word;
    }

    public function said(): Phrase
    {
        return Phrase::of($this->word);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->word === $other->word;
    }
}
