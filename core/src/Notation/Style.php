<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** How a class writes times: schools differ, and each way is right. */
final readonly class Style
{
    /**
     * @param string $am         "a.m.", "am" or "AM"
     * @param string $pm         "p.m.", "pm" or "PM"
     * @param string $separator  between hours and minutes on a 12-hour clock: ":" or "."
     * @param string $past       "past" or "after": twenty past three, twenty after three
     * @param bool   $nameTwelve "12 noon" and "12 midnight" rather than 12:00 p.m. and 12:00 a.m.
     */
    private function __construct(
        public string $am = 'a.m.',
        public string $pm = 'p.m.',
        public string $separator = ':',
        public bool $nameTwelve = true,
        public string $past = 'past',
    ) {
    }

    /** 3:45 p.m., 12 noon: the one form in which sums are kept. */
    public static function canonical(): self
    {
        return new self();
    }
}
