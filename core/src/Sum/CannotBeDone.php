<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\NoSuchDate;

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
        return new self('half-not-said', 'It depends on whether a.m. or p.m. is meant.', '9:25 a.m. to 11:40 a.m.');
    }

    public static function notWholeMinutes(string $example): self
    {
        return new self('not-whole-minutes', 'Times of day are in whole minutes here.', $example);
    }

    public static function notToTheSecond(): self
    {
        return new self('not-whole-minutes', 'This kind of sum is worked in whole minutes here.', '10:10 a.m. + 25 min');
    }

    public static function noTenthsOnTheClock(): self
    {
        return new self('not-whole-seconds', 'Times of day are in whole seconds here: tenths belong to a stopwatch.', '11:20:35 a.m. + 1 min 50 s');
    }

    public static function severalWays(): self
    {
        return new self('two-readings', 'This can be taken in more than one way.', '8:00 p.m. to 8:00 a.m.');
    }

    public static function tooManyToOrder(): self
    {
        return new self('too-many-to-order', \sprintf('That is a long list. Up to %d can be put in order at once.', Order::MOST), 'order 7:40 am, 7 pm, 7 am');
    }

    public static function tooLongAChain(): self
    {
        return new self('too-long-a-chain', \sprintf('That is a long chain. Up to %d lengths can be added and taken away in one sum.', ClockChain::MOST), '9:10 am + 25 min + 40 min');
    }

    public static function noGap(): self
    {
        return new self('no-gap', 'Every 0 min is no distance between times.', 'every 12 min from 7:10 am, 5 times');
    }

    /** @param int $times that would be listed */
    public static function tooManyInARow(int $times): self
    {
        return new self('too-many-in-a-row', $times < 2
            ? 'From one time to the next there must be two of them at least.'
            : \sprintf('That would be %d times. Up to %d can be listed.', $times, Series::MOST), 'every 12 min from 7:10 am, 5 times');
    }

    public static function tooManyTimes(): self
    {
        return new self('too-many-times', \sprintf('That is more than %s times.', number_format(Product::MOST, 0, '.', ' ')), '4 x 35 min');
    }

    /** @param int $times whole times that it goes */
    public static function doesNotGoInto(int $times): self
    {
        return new self('does-not-come-out', 0 === $times
            ? 'The second length is longer than the first, so it does not go into it.'
            : \sprintf('It does not go a whole number of times: %s, and something is left over.', 1 === $times ? 'once' : $times.' times'), '2 h / 15 min');
    }

    public static function doesNotComeOut(string $smallest): self
    {
        return new self('does-not-come-out', \sprintf('That does not come out in whole %s.', $smallest), '2 h 15 min / 3');
    }

    public static function lengthByALength(): self
    {
        return new self('length-by-a-length', 'A length divided by a length is a number: how many times it goes into it. So it cannot come to a length.', '_ / 4 = 5 min');
    }

    public static function sharedByNothing(string $example = '2 h 15 min / 3'): self
    {
        return new self('shared-by-nothing', 'A length cannot be shared between nobody.', $example);
    }

    public static function mixedOrder(): self
    {
        return new self('months-and-days', 'Months and days cannot always be put in order: a month has 28, 29, 30 or 31 days.', 'order 90 min, 1 h, 2 h 5 min');
    }

    public static function dependsOnTheMonth(): self
    {
        return new self('depends-on-the-month', 'It depends on how many days the month or year has.', '3 days ? 70 h');
    }

    public static function noSuchDate(NoSuchDate $none): self
    {
        return new self('no-such-date', $none->getMessage(), '12 March 2027 + 3 weeks');
    }

    public static function yearMatters(): self
    {
        return new self('depends-on-the-year', 'It depends on whether it is a leap year.', '20 February 2028 + 10 days');
    }

    public static function needsItsYear(): self
    {
        return new self('needs-its-year', 'That depends on the year. Please say which one.', '12 March 2027 as weekday');
    }

    public static function notWholeDays(): self
    {
        return new self('not-whole-days', 'Dates go by whole days, weeks, months or years.', '12 March 2027 + 3 weeks');
    }

    public static function endsBeforeItBegins(): self
    {
        return new self('ends-before-it-begins', 'The second date is before the first.', '3 May 2027 to 21 May 2027 in days');
    }

    public static function monthsOnTheClock(): self
    {
        return new self('months-on-the-clock', 'A time of day and a length in months or years do not go together.', '1:50 p.m. + 3 h 30 min');
    }
}
