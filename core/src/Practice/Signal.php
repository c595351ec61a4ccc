<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Judging\Verdict;

/** What happens with a child's answer. */
enum Signal: string
{
    /** It goes on. */
    case Right = 'right';
    /** Right as far as it goes: what is missing is asked for. */
    case Ask = 'ask';
    /** Look again. */
    case Look = 'look';
    /** It cannot be read: that is nobody's mistake. */
    case Unclear = 'unclear';

    public static function of(Verdict $verdict): self
    {
        return match ($verdict) {
            Verdict::Right => self::Right,
            Verdict::OtherForm, Verdict::Incomplete => self::Ask,
            Verdict::Wrong => self::Look,
            Verdict::Blank, Verdict::Unreadable => self::Unclear,
        };
    }
}
