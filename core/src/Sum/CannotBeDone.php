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

    public static function doesNotComeOut(string $smallest): self
    {
        return new self('does-not-come-out', \sprintf('That does not come out in whole %s.', $smallest), '2 h 15 min / 3');
    }

    public static function sharedByNothing(): self
    {
        return new self('shared-by-nothing', 'A length cannot be shared between nobody.', '2 h 15 min / 3');
    }

    public static function mixedOrder(): self
    {
        return new self('months-and-days', 'Months and days cannot always be put in order: a month has 28, 29, 30 or 31 days.', 'order 90 min, 1 h, 2 h 5 min');
    }

    public static function noUnits(): self
    {
        return new self('no-units', 'Into which unit?', '95 min in h min');
    }

    public static function dependsOnTheMonth(): self
    {
        return new self('depends-on-the-month', 'It depends on how many days the month or year has.', '2 days ? 40 h');
    }

    public static function monthsOnTheClock(): self
    {
        return new self('months-on-the-clock', 'A time of day and a length in months or years do not go together.', '3:45 p.m. + 2 h 30 min');
    }
}
