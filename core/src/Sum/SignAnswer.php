<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** Shorter, longer or equally long; for times of day, earlier, later or the same. */
final readonly class SignAnswer implements Answer
{
    use UsualAnswer;

    /**
     * @param '<'|'>'|'=' $sign
     * @param bool        $ofTimes whether times of day are compared, and so the answer is said in words
     */
    public function __construct(public string $sign, public bool $ofTimes = false)
    {
    }

    public static function between(int $left, int $right, bool $ofTimes = false): self
    {
        return new self($left < $right ? '<' : ($left > $right ? '>' : '='), $ofTimes);
    }

    public function value(): string
    {
        return $this->sign;
    }

    public function said(): Phrase
    {
        return Phrase::of($this->ofTimes ? self::inWords($this->sign) : $this->sign);
    }

    /** @param '<'|'>'|'=' $sign */
    public static function inWords(string $sign): string
    {
        return match ($sign) {
            '<' => 'earlier',
            '>' => 'later',
            '=' => 'the same',
        };
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->sign === $other->sign;
    }
}
