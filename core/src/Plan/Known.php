<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** How a class stands on a rung. */
final readonly class Known
{
    /** Of all children so many are enough to go on; common practice, no source. */
    private const ENOUGH = 0.75;

    /**
     * @param int  $secure   children
     * @param int  $onTheWay children
     * @param int  $notYet   children
     * @param int  $children of the class
     * @param bool $said     whether the teacher says that the class has it, whatever was seen
     */
    public function __construct(public int $secure, public int $onTheWay, public int $notYet, public int $children, public bool $said = false)
    {
    }

    public static function nothing(int $children): self
    {
        return new self(0, 0, 0, $children);
    }

    public function isSecure(): bool
    {
        return $this->said || ($this->children > 0 && $this->secure >= self::ENOUGH * $this->children);
    }

    /** Of how many children something was seen. */
    public function seen(): int
    {
        return $this->secure + $this->onTheWay + $this->notYet;
    }

    /** "9 of 24 are secure" */
    public function text(): string
    {
        return match (true) {
            $this->said => 'you say that the class has it',
            0 === $this->seen() => 'nobody has been marked on it yet',
            1 === $this->secure => \sprintf('one of %d is secure', $this->children),
            default => \sprintf('%d of %d are secure', $this->secure, $this->children),
        };
    }
}
