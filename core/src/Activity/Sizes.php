<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** With how many children at a time an activity is done. */
final readonly class Sizes
{
    /**
     * @param int  $least 1 or more
     * @param ?int $most  null for as many as there are
     * @param ?int $usual null for the whole class
     */
    private function __construct(public int $least, public ?int $most, public ?int $usual)
    {
    }

    public static function groups(int $least, int $most, int $usual): self
    {
        return new self($least, $most, $usual);
    }

    /** The whole class together; smaller groups where they are wanted. */
    public static function whole(int $least = 1): self
    {
        return new self($least, null, null);
    }

    /** Always the whole class, whatever is asked for. */
    public static function together(): self
    {
        return new self(\PHP_INT_MAX, null, null);
    }

    public function isTogether(): bool
    {
        return \PHP_INT_MAX === $this->least;
    }

    /** The size of a group, as near to what is asked for as it can be. */
    public function nearest(?int $asked, int $children): int
    {
        $size = $asked ?? $this->usual ?? $children;

        return max(1, min($children, max(min($this->least, $children), min($this->most ?? $children, $size))));
    }
}
