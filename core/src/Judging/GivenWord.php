<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\Style;

/** A day of the week, yes or no. */
final readonly class GivenWord implements Given
{
    public function __construct(public string $word)
    {
    }

    public function text(): string
    {
        return $this->word;
    }

    public function shown(Style $style): string
    {
        return $this->word;
    }

    public function says(Given $other): bool
    {
        return $other instanceof self && $this->word === $other->word;
    }
}
