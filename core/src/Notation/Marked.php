<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Unit;

/**
 * Text in which hours, minutes and seconds are marked, so that whoever draws it can give each its colour and shape:
 * "{h:3}:{m:45} {x:p.m.}", "{h:2 h} {m:30 min}". Other units are marked {d:…}, the half of the day {x:…}. On the board
 * what gives the answer away stands in double brackets: "The clock shows ⟦{h:9}:{m:40}⟧."
 */
final class Marked
{
    public static function hour(string|int $text): string
    {
        return '{h:'.$text.'}';
    }

    public static function minute(string|int $text): string
    {
        return '{m:'.$text.'}';
    }

    /** A.m. or p.m., in whatever signs. */
    public static function half(string $text): string
    {
        return '{x:'.$text.'}';
    }

    public static function unit(Unit $unit, string|int $text): string
    {
        return '{'.self::letter($unit).':'.$text.'}';
    }

    /** The mark of a unit: h, m, s, or d for days and longer. */
    public static function letter(Unit $unit): string
    {
        return match ($unit) {
            Unit::Hour => 'h',
            Unit::Minute => 'm',
            Unit::Tenth, Unit::Second => 's',
            default => 'd',
        };
    }

    /** What gives an answer away, within a text: whoever draws it can cover it. */
    public static function withheld(string $text): string
    {
        return '⟦'.$text.'⟧';
    }

    /** The text without its marks. */
    public static function plain(string $marked): string
    {
        return strtr(preg_replace('/\{[hmsdx]:([^}]*)\}/', '$1', $marked) ?? $marked, ['⟦' => '', '⟧' => '']);
    }
}
