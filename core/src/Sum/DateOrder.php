<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\StatedDate;

/** Dates to be put in order, earliest first or the other way round. Where no year is said they are all of one year. */
final readonly class DateOrder implements OfDates
{
    use UsualSum;

    /**
     * @param list<StatedDate> $dates
     * @param bool             $descends whether the latest comes first
     */
    private function __construct(public array $dates, public bool $descends)
    {
    }

    /**
     * @param list<StatedDate> $dates
     *
     * @throws CannotBeDone when there are too many, or when some have their year and others have not
     */
    public static function of(array $dates, bool $descends = false): self
    {
        if (\count($dates) > Order::MOST) {
            throw CannotBeDone::tooManyToOrder();
        }
        if (\count(array_unique(array_map(static fn (StatedDate $date): bool => null === $date->year, $dates))) > 1) {
            throw CannotBeDone::needsItsYear();
        }

        return new self($dates, $descends);
    }

    public function kind(): Kind
    {
        return Kind::Order;
    }

    public function answered(): Answered
    {
        return Answered::Order;
    }

    public function dates(): array
    {
        return $this->dates;
    }

    public function saidAs(Sum $like): self
    {
        return $this;
    }

    public function regroups(): bool
    {
        return false;
    }

    public function answer(): DateOrderAnswer
    {
        $numbers = array_map(static fn (StatedDate $date): int => $date->in(StatedDate::LEAP)->number(), $this->dates);
        $this->descends ? arsort($numbers) : asort($numbers);

        return new DateOrderAnswer($this, array_keys($numbers));
    }
}
