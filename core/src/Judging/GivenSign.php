<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;
use Rostik\Core\Sum\SignAnswer;

/** The sign between two lengths, or what is said of two times: earlier, later, the same. */
final readonly class GivenSign implements Given
{
    /** @param '<'|'>'|'=' $sign */
    public function __construct(public string $sign, private bool $ofTimes = false)
    {
    }

    public function text(): string
    {
        return $this->ofTimes ? SignAnswer::inWords($this->sign) : $this->sign;
    }

    public function shown(Style $style): string
    {
        return $this->text();
    }

    public function says(Given $other): bool
    {
        return $other instanceof self && $this->sign === $other->sign;
    }
}
