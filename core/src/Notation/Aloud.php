<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/**
 * What is written with signs and short units, as a voice can read it: "2 h 56 min + 45 min" is "2 hours 56 minutes plus 45
 * minutes", a blank is "what". Times stay in digits, which a voice reads as they stand: how a time is said in words may be what
 * is asked.
 */
final class Aloud
{
    private const UNITS = ['h' => 'hour', 'min' => 'minute', 's' => 'second', 'd' => 'day'];

    private const SIGNS = ['+' => 'plus', '−' => 'minus', '×' => 'times', '÷' => 'divided by', '=' => 'is', '<' => 'is less than', '>' => 'is more than', '→' => 'to', '…' => ''];

    /** Each a sentence or a few, marked or not; what is empty is passed over. */
    public static function said(string ...$texts): string
    {
        return implode(' ', array_filter(array_map(static function (string $text): string {
            $said = self::one($text);

            return '' === $said || 1 === preg_match('/[.?!:]$/', $said) ? $said : $said.'.';
        }, array_values($texts))));
    }

    private static function one(string $text): string
    {
        $said = str_replace(["\u{a0}", "\u{202f}"], ' ', Marked::plain($text));
        // a blank, however long, with its unit: "what hours"
        $said = preg_replace('/_+/u', ' what ', $said) ?? $said;
        // 9.40 p.m. as 9:40 p.m., or it would be a decimal
        $said = preg_replace('/\b(\d{1,2})\.(\d{2})(?=\s*[ap]\.?\s?m\b)/i', '$1:$2', $said) ?? $said;
        $said = preg_replace_callback('/(what|\d+(?:[.,]\d+)?[½¼¾]?|[½¼¾])(\s*)(h|min|s|d)(?![\w’\'])/u', static fn (array $found): string => $found[1].' '.self::UNITS[$found[3]].('1' === $found[1] ? '' : 's'), $said) ?? $said;
        // between numbers, units and blanks a hyphen takes away
        $said = preg_replace('/(?<=\S) - (?=\S)/', ' − ', $said) ?? $said;
        $said = strtr($said, array_map(static fn (string $sign): string => ' '.$sign.' ', self::SIGNS));
        $said = preg_replace('/(\d)\s*x\s*(?=\d)/', '$1 times ', $said) ?? $said;
        $said = preg_replace('/\s+/', ' ', $said) ?? $said;

        return trim(preg_replace('/ (?=[.,;:?!])/', '', $said) ?? $said);
    }
}
