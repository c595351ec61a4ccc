<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** What a one-time link is for. */
enum LinkPurpose: string
{
    case Join = 'join';
    case Reset = 'reset';
    /** A new password as well, asked for by whoever knows the address. */
    case Asked = 'asked';

    /** How long such a link can be used. */
    public function lasts(): string
    {
        return match ($this) {
            self::Join => '+14 days',
            self::Reset, self::Asked => '+1 day',
        };
    }
}
