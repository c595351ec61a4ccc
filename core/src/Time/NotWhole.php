<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** A length that does not come to whole tenths of a second, or to whole months. */
final class NotWhole extends \DomainException
{
    public static function amount(Chain $chain): self
    {
        return new self(Chain::Clock === $chain
            ? 'This does not come to whole tenths of a second.'
            : 'This does not come to whole months.');
    }
}
