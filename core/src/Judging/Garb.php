<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

/**
 * What stands around an answer on paper: "Answer: …", "It takes … altogether.", working that was left in (85 = 1h25: the
 * last statement is the answer), full stops behind units, a hyphen for the colon, words as children spell them.
 */
final class Garb
{
    /** Number words and the like, with which an answer begins. */
    private const BEGINS = '/\d|[½¼¾]|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty|fifty|half|quarter|noon|midday|midnight|an? (?:half|quarter|hour|minute|day|week))\b/iu';

    /** What may follow an answer and says nothing of it. */
    private const ENDS = '/[\s,]*\b(?:long|longer|later|earlier|in total|in all|altogether|all together|total|exactly|more|left|ago|away|in the end|is the answer|please|today|tonight|\(?(?:on )?(?:the )?same day\)?)\s*$/iu';

    /** As they are spelt right. */
    private const WORDS = ['hour', 'hours', 'minute', 'minutes', 'second', 'seconds', 'day', 'days', 'week', 'weeks', 'quarter', 'half', 'past', 'noon', 'midday', 'midnight', 'morning', 'afternoon', 'evening', 'one', 'two', 'three', 'four', 'five', 'seven', 'eight', 'nine', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty', 'thirty', 'forty', 'fifty'];

    /** Spellings further off than a letter or two. */
    private const MISSPELT = ['haf' => 'half', 'harf' => 'half', 'hafe' => 'half', 'halve' => 'half', 'passed' => 'past', 'parst' => 'past', 'pst' => 'past', 'past' => 'past', 'too' => 'to', 'tow' => 'to', 'mid-day' => 'midday', 'our' => 'hour', 'ours' => 'hours', 'ower' => 'hour', 'owers' => 'hours', 'hous' => 'hours', 'mint' => 'minute', 'mints' => 'minutes', 'minits' => 'minutes', 'menits' => 'minutes', 'munits' => 'minutes', 'cwarter' => 'quarter', 'kwarter' => 'quarter', 'korter' => 'quarter', 'nite' => 'night', 'midnite' => 'midnight', 'wun' => 'one', 'fore' => 'four', 'sevn' => 'seven', 'ait' => 'eight', 'aight' => 'eight', 'tirty' => 'thirty', 'therty' => 'thirty', 'fivety' => 'fifty', 'fourty' => 'forty', 'mn' => 'min', 'mns' => 'min', 'minis' => 'min', 'hur' => 'hour', 'hurs' => 'hours', 'hs' => 'h', 'hrz' => 'hrs', 'mim' => 'min', 'nin' => 'min', 'miin' => 'min', 'mimutes' => 'minutes'];

    /** Words that are right as they are, so that they are no misspelling of another. */
    private const KNOWN = ['hr', 'hrs', 'min', 'mins', 'sec', 'secs', 'to', 'am', 'pm', 'the', 'and', 'an', 'at', 'in', 'of', 'six', 'ten', 'night', 'next', 'month', 'months', 'year', 'years', 'before', 'after', 'clock', 'oclock', 'earlier', 'later'];

    /**
     * The answer with less and less around it; the text as it stands is not among them.
     *
     * @return list<string>
     */
    public static function off(string $text): array
    {
        $found = [];
        $now = trim($text);
        foreach ([self::unwrapped(...), self::lastStatement(...), self::withoutStops(...), self::spelt(...), self::fromItsBeginning(...), self::toItsEnd(...), self::withoutMarks(...), self::withItsUnit(...)] as $take) {
            $next = $take($now);
            if ('' !== $next && $next !== $now) {
                $found[] = $now = $next;
            }
        }

        return $found;
    }

    private static function unwrapped(string $text): string
    {
        return trim(preg_replace('/^[\s"“”„\'(\[{:*]+|[\s"“”)\]}!…;,:*]+$/u', '', $text) ?? $text);
    }

    /** Behind the last equals sign or arrow that has anything behind it. */
    private static function lastStatement(string $text): string
    {
        $pieces = array_values(array_filter(array_map(trim(...), preg_split('/=+|≈|\bso\b|\btherefore\b|\bit is\b/u', $text) ?: []), static fn (string $piece): bool => '' !== $piece));

        return $pieces[\count($pieces) - 1] ?? $text;
    }

    private static function fromItsBeginning(string $text): string
    {
        return 1 === preg_match(self::BEGINS, $text, $m, \PREG_OFFSET_CAPTURE) ? trim(substr($text, (int) $m[0][1])) : $text;
    }

    private static function toItsEnd(string $text): string
    {
        $text = rtrim($text, " \t.!");
        while (1 === preg_match(self::ENDS, $text)) {
            $text = rtrim(preg_replace(self::ENDS, '', $text) ?? '', " \t.!");
        }

        return $text;
    }

    /** "6 h. 25 min." */
    private static function withoutStops(string $text): string
    {
        return preg_replace('/\b(h|hr|hrs|hours?|m|min|mins|minutes?|s|sec|secs|seconds?)\.(?=\s|\d|$)/iu', '$1', $text) ?? $text;
    }

    /** "6-25", "6;25"; "6:25 o'clock", "1320 h", "6:25 h". */
    private static function withoutMarks(string $text): string
    {
        // 6 h + 25 min, 6h:25min, 6h25'
        $text = preg_replace('/(?<![a-z])(h|hrs?|hours?)\s*[+:]\s*(?=\d)/iu', '$1 ', $text) ?? $text;
        $text = preg_replace('/(?<=\d)\s*[\'’′]+$/u', '', $text) ?? $text;
        // 6:25 p, 18h25m where a time is meant is read by whoever reads times
        $text = preg_replace('/^(\d{1,2}[:.]\d\d)\s*([ap])$/iu', '$1 $2m', $text) ?? $text;
        $text = preg_replace('/^(\d{1,2})\s*[-–;°\'’\/|]\s*(\d{1,2})(?=\D|$)/u', '$1:$2', $text) ?? $text;
        $text = preg_replace('/^(\d{1,2}[:.]\d{1,2}|\d{3,4})\s*(?:h|hrs?|hours?|uhr|o\W?\s?clock)$/iu', '$1', $text) ?? $text;

        $text = preg_replace('/^(\d{1,2})\s+(\d{1,2})\s*(?:m|mins?|minutes?)$/iu', '$1 $2', $text) ?? $text;

        return preg_replace('/^(\d{1,2}[:.]\d{1,2})\s*o\W?\s?clock\b/iu', '$1', $text) ?? $text;
    }

    /** "one hour twenty five". */
    private static function withItsUnit(string $text): string
    {
        return preg_replace('/(\bhours?\s+(?:and\s+)?(?:[a-z]+[\s-])?(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\w+teen|twenty|thirty|forty|fifty))$/iu', '$1 minutes', $text) ?? $text;
    }

    /** Each word as it is spelt: itself, a known misspelling, or the one word that is a letter or two off. */
    private static function spelt(string $text): string
    {
        return preg_replace_callback('/\p{L}[\p{L}\'’-]*/u', static function (array $m): string {
            $word = mb_strtolower($m[0], 'UTF-8');
            if (\in_array($word, self::WORDS, true) || \in_array($word, self::KNOWN, true)) {
                return $m[0];
            }
            if (isset(self::MISSPELT[$word])) {
                return self::MISSPELT[$word];
            }
            if (1 === preg_match('/^(twenty|thirty|forty|fourty|fifty)(one|two|three|four|five|six|seven|eight|nine)$/', $word, $apart)) {
                return strtr($apart[1], ['fourty' => 'forty']).'-'.$apart[2];
            }
            if (1 === preg_match('/^o\W?cl[oi]c?k?$|^o\W?clo(?:ck|k|c)$/u', $word)) {
                return "o'clock";
            }
            $length = \strlen($word);
            $near = array_values(array_filter(self::WORDS, static fn (string $right): bool => $length >= 4 && abs(\strlen($right) - $length) <= 2 && $right[0] === $word[0] && levenshtein($word, $right) <= ($length >= 6 ? 2 : 1)));
            usort($near, static fn (string $a, string $b): int => levenshtein($word, $a) <=> levenshtein($word, $b));

            return $near[0] ?? $m[0];
        }, $text) ?? $text;
    }
}
