<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** A time as it is shown. */
final readonly class Moment
{
    /**
     * @param int    $minutes since midnight, 0 to 1439; since 12 where only a face is meant, 0 to 719
     * @param string $text    marked: in digits
     * @param string $words   marked: as it is said
     * @param bool   $face    whether only a face is meant
     */
    public function __construct(public int $minutes, public string $text, public string $words, public bool $face)
    {
    }

    /** 08:05; a face that shows 12 has 12:05 */
    public function digits(): string
    {
        return \sprintf('%02d:%02d', $this->face && $this->minutes < 60 ? 12 : intdiv($this->minutes, 60), $this->minutes % 60);
    }
}
