<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

/** Why a child gets a question. */
enum Why: string
{
    /** Nobody knows yet where it stands, and this tells most. */
    case FindOut = 'find-out';
    /** It is learning this, and it is likely enough to work. */
    case Learning = 'learning';
    /** One of this kind went wrong a little while ago. */
    case Again = 'again';
    /** It can do this; so that it stays so, it comes back at growing distances. */
    case Older = 'older';
    /** The teacher has chosen this very question. */
    case Sheet = 'sheet';

    /** As it is said to teachers. */
    public function said(): string
    {
        return match ($this) {
            self::FindOut => 'to find out where the child stands',
            self::Learning => 'learning it now, ready to try',
            self::Again => 'one of this kind went wrong before',
            self::Older => 'known before; it comes back now and then',
            self::Sheet => 'it is on the sheet',
        };
    }
}
