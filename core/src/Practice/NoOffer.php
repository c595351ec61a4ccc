<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

/** A question that cannot be practised: it has no one answer. */
final class NoOffer extends \DomainException
{
    public static function ofNoAnswer(string $asked, string $because): self
    {
        return new self(\sprintf('“%s” cannot be practised. %s', $asked, $because));
    }
}
