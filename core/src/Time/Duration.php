<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/**
 * A length of time: whole tenths of a second, or whole months. Never negative. They are different chains
 * of units ({@see Chain}) and are never added together or converted, because no exact conversion exists.
 */
final readonly class Duration
{
    /** The longest length there is: ten thousand years of 366 days, well beyond any lesson, so that nothing overflows. */
    public const MOST_TENTHS = 3_660_000 * 864_000;

    /** The same in months. */
    public const MOST_MONTHS = 120_000;

    /**
     * @throws \InvalidArgumentException when it is negative
     * @throws TooLong                   when it is longer than ten thousand years
     */
    private function __construct(
        /** In the smallest unit of the chain: tenths of a second, or months. */
        public int $count,
        public Chain $chain,
    ) {
        if ($count < 0) {
            throw new \InvalidArgumentException('A length of time is never negative.');
        }
        if ($count > self::MOST_MONTHS && $count > self::most($chain)) {
            throw new TooLong();
        }
    }

    /** The longest length of a chain, in its smallest unit. */
    public static function most(Chain $chain): int
    {
        return Chain::Clock === $chain ? self::MOST_TENTHS : self::MOST_MONTHS;
    }

    /** @throws TooLong */
    public static function ofSeconds(int $seconds): self
    {
        return new self($seconds > self::MOST_TENTHS ? throw new TooLong() : $seconds * 10, Chain::Clock);
    }

    public static function ofMinutes(int $minutes): self
    {
        return new self($minutes * 600, Chain::Clock);
    }

    public static function ofMonths(int $months): self
    {
        return new self($months, Chain::Calendar);
    }

    /** @param int $count in the smallest unit of the chain: tenths of a second, or months */
    public static function of(int $count, Chain $chain): self
    {
        return new self($count, $chain);
    }

    /** @throws MixedChains when one is counted in months and the other in tenths of a second */
    public function plus(self $other): self
    {
        $this->sameChain($other);

        return new self($this->count + $other->count, $this->chain);
    }

    /**
     * @throws MixedChains
     * @throws \InvalidArgumentException when the other is longer
     */
    public function minus(self $other): self
    {
        $this->sameChain($other);

        return new self($this->count - $other->count, $this->chain);
    }

    /** @return int below, at or above 0, as this length is shorter, equal or longer */
    public function compareTo(self $other): int
    {
        $this->sameChain($other);

        return $this->count <=> $other->count;
    }

    public function isWholeMinutes(): bool
    {
        return Chain::Clock === $this->chain && 0 === $this->count % 600;
    }

    public function isWholeSeconds(): bool
    {
        return Chain::Clock === $this->chain && 0 === $this->count % 10;
    }

    /** Whole minutes, 0 or more; what is beyond them is left out. Not for months. */
    public function minutes(): int
    {
        return intdiv($this->count, 600);
    }

    /** Whole seconds, 0 or more; what is beyond them is left out. Not for months. */
    public function seconds(): int
    {
        return intdiv($this->count, 10);
    }

    private function sameChain(self $other): void
    {
        if ($this->chain !== $other->chain) {
            throw new MixedChains();
        }
    }
}
