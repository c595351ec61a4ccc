<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** Paper sizes: A4 of ISO 216 (210 x 297 mm), Letter of ANSI/ASME Y14.1 (215.9 x 279.4 mm). */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** From the upper to the lower margin (a4.css, letter.css), in mm. */
    public function high(): float
    {
        return match ($this) {
            self::A4 => 297 - 18 - 16,
            self::Letter => 279.4 - 16 - 14,
        };
    }
}
