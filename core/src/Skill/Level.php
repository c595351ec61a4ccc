<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Question\Scaffold;

/** The three levels, told apart by the mathematics and never by harder-looking numbers. Common practice, no source. */
enum Level: string
{
    /** Fives only; nothing crossed, or one hour. */
    case Support = 'support';
    /** Fives and ones; hour and noon crossed. */
    case Core = 'core';
    /** Single minutes; noon and midnight crossed; the unknown in any place. */
    case Stretch = 'stretch';

    public function isAtLeast(self $other): bool
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true);
    }

    /** The step between minutes that are drawn. */
    public function step(): int
    {
        return self::Support === $this ? 5 : 1;
    }

    /** How much of the working it usually has on paper. */
    public function scaffold(): Scaffold
    {
        return match ($this) {
            self::Support => Scaffold::Full,
            self::Core => Scaffold::Outline,
            self::Stretch => Scaffold::None,
        };
    }
}
