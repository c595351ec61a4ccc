<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** What kind of paper a sheet is for. Common practice, no source. */
enum Layout: string
{
    /** A page for the lesson. */
    case Page = 'page';
    /** Exit tickets: the first three questions, four to a page, to be cut. */
    case Tickets = 'tickets';
    /** Slips for the beginning of the lesson: the first six questions, five to a page, to be cut. */
    case Slips = 'slips';
    /** To be done at home: the way of working is shown to whoever helps, and the answers stand at the foot. */
    case Home = 'home';

    /** How many questions there is room for; null where there is no end to it. */
    public function room(): ?int
    {
        return match ($this) {
            self::Tickets => 3,
            self::Slips => 6,
            self::Page, self::Home => null,
        };
    }

    /** How many stand on a page, to be cut apart. */
    public function perPage(): int
    {
        return match ($this) {
            self::Tickets => 4,
            self::Slips => 5,
            self::Page, self::Home => 1,
        };
    }
}
