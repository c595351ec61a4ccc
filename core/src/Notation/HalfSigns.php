<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\HalfOfDay;

/** How the halves of the day are written. */
enum HalfSigns: string
{
    case Dotted = 'a.m.';
    case Small = 'am';
    case Large = 'AM';

    public function of(HalfOfDay $half): string
    {
        return HalfOfDay::Am === $half ? $this->value : strtr($this->value, ['a' => 'p', 'A' => 'P']);
    }
}
