<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;

/** The sign between two lengths. */
final readonly class GivenSign implements Given
{
    /** @param '<'|'>'|'=' $sign */
    public function __construct(public string $sign)
    {
    }

    public function text(): string
    {
        return $this->sign;
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
