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
     * @param bool   $always24   whether times are written by the 24-hour clock however they were stated
     * @param string $past       "past" or "after": twenty past three, twenty after three
     * @param bool   $nameTwelve "12 noon" and "12 midnight" rather than 12:00 p.m. and 12:00 a.m.
     */
    private function __construct(
        public string $am = 'a.m.',
        public string $pm = 'p.m.',
        public string $separator = ':',
        public bool $nameTwelve = true,
        public string $past = 'past',
        public bool $always24 = false,
    ) {
    }

    /**
     * A school's own way of writing.
     *
     * @param 'a.m.'|'am'|'AM' $am
     * @param ':'|'.'          $separator
     * @param 'past'|'after'   $past
     */
    public static function of(string $am = 'a.m.', string $separator = ':', string $past = 'past', bool $nameTwelve = true, bool $always24 = false): self
    {
        return new self($am, strtr($am, ['a' => 'p', 'A' => 'P']), $separator, $nameTwelve, $past, $always24);
    }

    /** @return list<self> every combination, for whoever offers the choice and for the tests */
    public static function all(): array
    {
        $styles = [];
        foreach (['a.m.', 'am', 'AM'] as $am) {
            foreach ([':', '.'] as $separator) {
                foreach (['past', 'after'] as $past) {
                    foreach ([true, false] as $nameTwelve) {
                        foreach ([true, false] as $always24) {
                            $styles[] = self::of($am, $separator, $past, $nameTwelve, $always24);
                        }
                    }
                }
            }
        }

        return $styles;
    }

    /** 1:50 p.m., 12 noon: the one form in which sums are kept. */
    public static function canonical(): self
    {
        return new self();
    }
}
