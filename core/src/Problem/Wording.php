<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** A story as it is told, with what is left open in braces: {start}, {length}, {name}. */
final readonly class Wording
{
    /**
     * @param string $text     what is known
     * @param string $ask      what is asked
     * @param string $sentence what answers it
     */
    public function __construct(public string $text, public string $ask, public string $sentence)
    {
    }

    /**
     * A part of it with all that was left open filled in.
     *
     * @param array<string, string> $said by name
     *
     * @throws \DomainException where it has something open that is not said
     */
    public static function filled(string $template, array $said): string
    {
        // at the beginning of a sentence stands a capital
        $marked = preg_replace('/(^|(?<=[.?!]) )\{([A-Za-z0-9]+)\}/', '$1{^$2}', $template) ?? $template;
        $text = preg_replace_callback('/\{(\^?)([A-Za-z0-9]+)\}/', static function (array $m) use ($said): string {
            $one = $said[$m[2]] ?? throw new \DomainException(\sprintf('A story says {%s}, and there is none.', $m[2]));

            return '' === $m[1] ? $one : ucfirst($one);
        }, $marked) ?? $marked;

        // every quarter of an hour, every hour and a half
        $text = preg_replace('/\bevery an? (?=quarter|hour)/', 'every ', $text) ?? $text;

        // "at 9:40 a.m." ends a sentence with its own full stop
        return preg_replace('/\.(\}?)\./', '.$1', $text) ?? $text;
    }

    /**
     * What is said in a text where it leaves something open; null where the text does not tell it.
     *
     * @return ?array<string, string> by name
     */
    public function saidIn(string $text): ?array
    {
        if (!str_starts_with($text, strtok($this->text, '{') ?: '') && !str_starts_with($this->text, '{')) {
            return null;
        }
        $names = [];
        $pattern = static function (string $template) use (&$names): string {
            $pieces = preg_split('/\{(\w+)\}/', $template, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
            $made = '';
            foreach ($pieces as $i => $piece) {
                if (0 === $i % 2) {
                    // a full stop may be that of "p.m."
                    $made .= preg_replace('/^\\\\\./', '\.?', preg_quote($piece, '/')) ?? '';
                    continue;
                }
                $made .= \in_array($piece, $names, true) ? '(?i:\k<'.$piece.'>)' : '(?<'.$piece.'>'.(1 === preg_match('/^name2?$/i', $piece) ? '\p{Lu}[\p{L}’\' -]{0,30}?' : '.{1,60}?').')';
                $names[] = $piece;
            }

            return $made;
        };

        return 1 === preg_match('/^'.$pattern($this->text).'(?: .+)? '.$pattern($this->ask).'$/su', $text, $found) ? array_filter($found, is_string(...), \ARRAY_FILTER_USE_KEY) : null;
    }
}
