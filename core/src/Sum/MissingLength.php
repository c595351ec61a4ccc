<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\TooLong;

/**
 * A sum of lengths with a part to be found: 45 min + _ = 1 h, _ - 20 min = 45 min, _ x 15 min = 1 h, 2 h / _ = 30 min.
 */
final readonly class MissingLength implements Sum
{
    use UsualSum;

    private function __construct(public Amount|int|null $first, public string $sign, public Amount|int|null $second, public Amount $result)
    {
    }

    /**
     * @param string $sign one of + - x /
     *
     * @throws \InvalidArgumentException when the parts do not go together, or not just one of them is missing
     * @throws MixedChains               when months stand beside days
     * @throws TooLong                   when it comes to more than ten thousand years
     * @throws CannotBeDone              when it is to be taken too many times, divided by nothing, or a length divided by a length is to be a length
     */
    public static function of(Amount|int|null $first, string $sign, Amount|int|null $second, Amount $result): self
    {
        $fits = match ($sign) {
            '+', '-' => !\is_int($first) && !\is_int($second),
            'x' => !$first instanceof Amount && !\is_int($second),
            '/' => !\is_int($first),
            default => false,
        };
        if (!$fits || (null === $first) === (null === $second)) {
            throw new \InvalidArgumentException('That is no sum with one part missing.');
        }

        if (\is_int($second) && $second > Product::MOST) {
            throw CannotBeDone::tooManyTimes();
        }
        if ('/' === $sign && 0 === $second) {
            throw CannotBeDone::sharedByNothing('_ / 3 = 45 min');
        }
        if ('/' === $sign && null === $first && $second instanceof Amount) {
            throw CannotBeDone::lengthByALength();
        }
        $sum = new self($first, $sign, $second, $result->wholeParts());
        $sum->plain();

        return $sum;
    }

    /** The same question about other numbers; null where the plain sum is not one that answers such a question. */
    public function about(Sum $plain): ?self
    {
        return match (true) {
            '+' === $this->sign && $plain instanceof Difference => null === $this->first
                ? self::of(null, '+', $plain->take, $plain->from)
                : self::of($plain->take, '+', null, $plain->from),
            '-' === $this->sign && null === $this->second && $plain instanceof Difference => self::of($plain->from, '-', null, $plain->take),
            '-' === $this->sign && null === $this->first && $plain instanceof Total && 2 === \count($plain->addends) => self::of(null, '-', $plain->addends[1], $plain->addends[0]),
            'x' === $this->sign && $plain instanceof Share => self::of($plain->between, 'x', null, $plain->length),
            '/' === $this->sign && $plain instanceof Product => self::of(null, '/', $plain->times, $plain->length),
            default => null,
        };
    }

    public function kind(): Kind
    {
        return Kind::Missing;
    }

    /** A difference, total, share, product, or how many times. */
    public function plain(): Sum
    {
        $known = $this->first ?? $this->second;

        return match (true) {
            \is_int($known) => '/' === $this->sign ? Product::of($known, $this->result) : Share::of($this->result, $known),
            null === $known => throw new \LogicException('Nothing is known.'),
            '+' === $this->sign => Difference::of($this->result, $known),
            '-' === $this->sign => null === $this->first ? Total::of($this->result, $known) : Difference::of($known, $this->result),
            'x' === $this->sign => Grouping::of($this->result, $known),
            default => null === $this->first ? throw new \LogicException('A length is not divided so.') : Grouping::of($known, $this->result),
        };
    }

    public function answered(): Answered
    {
        return $this->plain()->answered();
    }

    public function answer(): Answer
    {
        return $this->plain()->answer();
    }

    public function lengths(): array
    {
        return array_values(array_filter([$this->first, $this->second, $this->result], static fn (Amount|int|null $one): bool => $one instanceof Amount));
    }

    public function regroups(): bool
    {
        return $this->plain()->regroups();
    }
}
