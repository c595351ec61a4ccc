<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A sum that is understood and has no answer. */
final class CannotBeDone extends \DomainException
{
    private function __construct(public readonly string $reason, string $message, public readonly string $example)
    {
        parent::__construct($message);
    }

    public static function takesMoreThanThereIs(string $example): self
    {
        return new self('takes-more-than-there-is', 'The length to take away is longer than the one there is.', $example);
    }

    public static function halfOfTheDayMatters(): self
    {
        return new self('half-not-said', 'It depends on whether a.m. or p.m. is meant.', '9:15 a.m. to 11:40 a.m.');
    }

    public static function notWholeMinutes(string $example): self
    {
        return new self('not-whole-minutes', 'Times of day are in whole minutes here.', $example);
    }

    public static function monthsOnTheClock(): self
    {
        return new self('months-on-the-clock', 'A time of day and a length in months or years do not go together.', '3:45 p.m. + 2 h 30 min');
    }
}
