<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Notation\Saying\AmountWays;
use Rostik\Core\Notation\Saying\ClockWays;
use Rostik\Core\Notation\Saying\JourneyWays;
use Rostik\Core\Notation\Saying\RepeatWays;
use Rostik\Core\Notation\Saying\Said;
use Rostik\Core\Notation\Saying\UnitWays;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/**
 * Ways of saying a sum that no form reads, said again in the notation: "dep 0915 arr 1105" is 0915 to 1105. Each way covers
 * the whole line, so that no word of it is dropped; what comes of it is read, or refused, like any other line.
 */
final class Rephrased
{
    private const PARTS = ['halves' => 2, 'half' => 2, 'thirds' => 3, 'third' => 3, 'quarters' => 4, 'quarter' => 4, 'fourths' => 4, 'fifths' => 5, 'fifth' => 5, 'sixths' => 6, 'sixth' => 6, 'sevenths' => 7, 'eighths' => 8, 'eighth' => 8, 'tenths' => 10, 'tenth' => 10, 'twelfths' => 12, 'twelfth' => 12, 'twentieths' => 20, 'sixtieths' => 60];

    private const WEEKDAYS = 'mon(?:days?)?|tues?(?:days?)?|wed(?:s|nesdays?)?|thu(?:rs?|rsdays?)?|fri(?:days?)?|sat(?:urdays?)?|sun(?:days?)?';

    /** The longest line of those met with has some thirty words. */
    private const MOST_WORDS = 40;

    private const WAYS = [...UnitWays::WAYS, ...AmountWays::WAYS, ...RepeatWays::WAYS, ...JourneyWays::WAYS, ...ClockWays::WAYS];

    /** @return list<string> the line in the notation, in every way in which it may be meant; nothing where no way is known */
    public static function of(string $typed): array
    {
        $line = trim((string) preg_replace('/\s+/', ' ', Evened::of($typed)->text));
        $line = rtrim($line, ' ?.!;:,');
        // a way of saying one sum, and no text
        if (substr_count($line, ' ') >= self::MOST_WORDS) {
            return [];
        }
        $before = $line;
        // ten years, a hundred, a thousand
        $line = preg_replace_callback('~\b(an?|one|\d{1,3}) (decade|century|centurie|millennium)s?\b~', static fn (array $m): string => (('decade' === $m[2] ? 10 : ('millennium' === $m[2] ? 1000 : 100)) * max(1, (int) $m[1])).' years', $line) ?? $line;
        $line = preg_replace(['~(?<=\d)-(?='.Said::UNITS.'\b)~', '~\b(two|three|four|five|six|ten|twelve|fifteen|twenty|twenty-five|thirty|forty|forty-five|fifty|sixty|ninety)-(?=(?:hour|minute|second)s?\b)~'], [' ', '$1 '], $line) ?? $line;
        // a blank; one hour ten; a million; every quarter of an hour
        $line = str_replace(['?', 'five and twenty past', 'five and twenty to'], ['_', 'twenty-five past', 'twenty-five to'], $line);
        $line = preg_replace(['~\blast night(?: at)? (.+?\d(?: ?pm)?\b)~', '~\bthis (morning|afternoon|evening)\b~'], ['$1', 'in the $1'], $line) ?? $line;
        $line = preg_replace(['~\b(hours?) ((?:twenty|thirty|forty|fifty)(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?|five|ten|eleven|twelve|(?:thir|four|fif|six|seven|eigh|nine)teen)\b(?! ?(?:m|s|h|o\'|past|to\b))~', '~\bevery (?:quarter|1/4|¼) (?:of an )?hour\b~u', '~\b(?:(\d+) |a |one )million\b~'], ['$1 $2 minutes', 'every 15 min', '${1}000000'], $line) ?? $line;
        $line = preg_replace('~(?<!\d)000000\b~', '1000000', $line) ?? $line;
        $said = $line === $before ? [] : [$line];
        foreach (self::WAYS as $way => $notation) {
            $plain = preg_replace($way, $notation, $line, -1, $count);
            if (null !== $plain && $count > 0) {
                // what asks in the middle of it has not been understood: 80 min is how much longer than 1 h
                if (1 === preg_match('~\S.*\b(?:how|what|which|when|why|who)\b~', $plain)) {
                    continue;
                }
                // it starts at 9
                $said[] = preg_replace('~^(1[0-2]|[1-9]) (?=[-+] .*[a-z]$)~', '$1 o\'clock ', $plain) ?? $plain;
            }
        }

        return array_values(array_unique([...$said, ...self::primes($typed), ...self::days($line), ...self::then($line), ...self::partOfAPart($line), ...self::between($line), ...self::partsOfUnits($line), ...self::added($line), ...self::otherWay($line), ...self::bareFraction($line)]));
    }

    /**
     * 45' + 30', 5' 30": one stroke for minutes and two for seconds, where none opens or closes what somebody said.
     *
     * @return list<string>
     */
    private static function primes(string $typed): array
    {
        $plain = strtr($typed, ['’' => "'", '′' => "'", '´' => "'", '”' => '"', '″' => '"', "''" => '"']);
        if (1 !== preg_match('~\d[\'"]~', $plain) || 1 === preg_match('~(?<!\d)[\'"]|[\'"][a-z]~i', $plain)) {
            return [];
        }

        return [str_replace(["'", '"'], [' min ', ' s '], $plain)];
    }

    /**
     * "Monday 10 pm to Tuesday 6 am", "10 pm today to 7 am tomorrow": how far apart the days are is said, and where it is more
     * than one, so many days of 24 hours are added. From a day to itself is not told apart from a week here.
     *
     * @return list<string>
     */
    private static function days(string $line): array
    {
        $day = '(?:(?:on |at )?(?:last |next |this )?(yesterday|today|tonight|tomorrow|'.self::WEEKDAYS.')\b(?:\'s)?(?: at| ?,)? ?)?';
        $half = '( ?(?:in the )?(?:morning|afternoon|evening|night))?';
        if (1 !== preg_match('~^(?:how (?:long|many hours) (?:is it |are there )?)?(?:from )?'.$day.'([^,]*?\d.*?|midnight|noon|midday)'.$half.' ?'.$day.'(?:to|until|till|-) '.$day.'([^,]*?\d.*?|midnight|noon|midday)'.$half.' ?'.$day.'$~', $line, $m)) {
            return [];
        }
        [$from, $to] = [$m[1].$m[4], $m[5].($m[8] ?? '')];
        if ('' === $from && '' === $to) {
            return [];
        }
        $span = $m[2].$m[3].' to '.$m[6].($m[7] ?? '');
        $number = static fn (string $name): int => match (substr($name, 0, 3)) {
            'yes' => -1, 'tod', 'ton' => 0, 'tom' => 1,
            default => 10 + (int) array_search(substr($name, 0, 3), ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], true),
        };
        $of = [];
        foreach ([$from, $to] as $name) {
            $of[] = '' === $name ? null : $number($name);
        }
        if (null === $of[0] || null === $of[1]) {
            // one day is named: where it is the day of both, or the end says that it is tomorrow
            return match (true) {
                1 === $of[1] => [$span.' next day'],
                null === $of[1], '' !== ($m[8] ?? '') => [$span],
                default => [],
            };
        }
        if (($of[0] < 5) !== ($of[1] < 5)) {
            return [];
        }
        $apart = $of[0] < 5 ? $of[1] - $of[0] : ($of[1] - $of[0] + 7) % 7;

        return match (true) {
            $apart < 0 => [],
            0 === $apart => $of[0] < 5 ? [$span] : [],
            1 === $apart => [$span.' next day'],
            default => [\sprintf('%s next day + %d h', $span, 24 * ($apart - 1))],
        };
    }

    /**
     * "9 am, then 30 min, then another 45 min": one after the other.
     *
     * @return list<string>
     */
    private static function then(string $line): array
    {
        $pieces = preg_split('~,? (?:and )?(?:then|after that|followed by) (?:add |another |a further |plus |for )?~', preg_replace('~^first (?:of all )?~', '', $line) ?? $line) ?: [];

        return isset($pieces[1]) ? [implode(' + ', $pieces)] : [];
    }

    /**
     * "The difference between 1 h 45 and 3 h 10": the smaller from the larger.
     *
     * @return list<string>
     */
    private static function between(string $line): array
    {
        return 1 === preg_match('~^(?:what is )?(?:the )?(?:time )?difference (?:in time )?between (.+?) and (.+)$~', $line, $m) ? [$m[1].' - '.$m[2], $m[2].' - '.$m[1]] : [];
    }

    /**
     * "A half of a quarter of an hour": the part in a smaller unit, and shared.
     *
     * @return list<string>
     */
    private static function partOfAPart(string $line): array
    {
        $parts = implode('|', array_keys(self::PARTS));
        if (1 !== preg_match('~^(?:what is )?(?:an? |one )?('.$parts.') of (?:an? |one )?('.$parts.')[ -](?:of (?:an? |one )?)?('.Said::UNITS.')$~', $line, $m)) {
            return [];
        }
        $unit = UnitWords::unit($m[3]);
        $part = null === $unit ? null : self::part($unit, self::PARTS[$m[2]]);

        return null === $part ? [] : [$part.' / '.self::PARTS[$m[1]]];
    }

    /**
     * "How many quarters of an hour in 3 hours": how often the part goes into the length.
     *
     * @return list<string>
     */
    private static function partsOfUnits(string $line): array
    {
        if (1 !== preg_match('~^how many (\w+)[ -](?:of (?:an?|one|the) )?('.Said::UNITS.') (?:are |is )?(?:there )?(?:in|make|makes|are in|go into|equals?|to) (.+)$~', $line, $m)) {
            return [];
        }
        $unit = UnitWords::unit($m[2]);
        $parts = self::PARTS[$m[1]] ?? null;
        if (null === $unit || null === $parts) {
            return [];
        }
        $part = self::part($unit, $parts);

        return null === $part ? [] : [$m[3].' / '.$part];
    }

    /** A part of a unit as a whole number of a smaller one; null where it is none. */
    private static function part(Unit $unit, int $parts): ?string
    {
        $smaller = Chain::Clock === $unit->chain() ? [Unit::Day, Unit::Hour, Unit::Minute, Unit::Second] : [Unit::Month];
        foreach ($smaller as $one) {
            if (0 === $unit->size() % ($parts * $one->size())) {
                return intdiv($unit->size(), $parts * $one->size()).' '.$one->words();
            }
        }

        return null;
    }

    /**
     * "Add the following: 20 min, 35 min and 1 h".
     *
     * @return list<string>
     */
    private static function added(string $line): array
    {
        if (1 !== preg_match('~^(?:add(?: up)?|find the (?:total|sum) of|work out the total of|total)(?: the following| these| all these| all of these)?(?: times| lengths| numbers)?[: ]+(.+)$~', $line, $m)) {
            return [];
        }
        $items = preg_split('~\s*(?:, and|,|;| and )\s*~', $m[1]) ?: [];

        return isset($items[1]) ? [implode(' + ', $items)] : [];
    }

    /**
     * "13:10 = 1:10 pm": a time said in another way, to be judged.
     *
     * @return list<string>
     */
    private static function otherWay(string $line): array
    {
        if (1 !== preg_match('~^([^=]+?) (?:=|is|is the same as) ([^=]+)$~', $line, $m)) {
            return [];
        }
        if (1 !== preg_match('~^(?:at |about )?(?:\d{1,2}(?:[:.]?\d\d)?(?: ?[ap]\.?m\.?)?|noon|midday|midnight|[a-z -]*\d* ?(?:minutes? )?(?:past|to|o\'clock|half|quarter)\b[a-z0-9 \'-]*|[a-z]+ o\'clock)$~', $m[2])) {
            return [];
        }
        $half = '~\d ?[ap]\.?m|noon|midnight~';
        $as = match (true) {
            1 === preg_match('~^[a-z]~', $m[2]) && 1 !== preg_match('~\d~', $m[2]) => ['words'],
            1 === preg_match($half, $m[2]) && 1 !== preg_match($half, $m[1]) => ['12h', 'digital'],
            1 === preg_match($half, $m[1]) && 1 !== preg_match($half, $m[2]) => ['24h', 'digital'],
            1 === preg_match('~^\d~', $m[1]) && 1 === preg_match('~past|to|quarter|half~', $m[2]) => ['words'],
            default => ['digital'],
        };

        return array_map(static fn (string $one): string => $m[1].' as '.$one.' = '.$m[2], $as);
    }

    /**
     * "Two thirds of an hour", "a half-hour": what it is in a smaller unit.
     *
     * @return list<string>
     */
    private static function bareFraction(string $line): array
    {
        $line = preg_replace('~\b(?:a |one )?(half|quarter)-('.Said::UNITS.')\b~', '$1 of a $2', $line) ?? $line;
        if (1 !== preg_match('~^(?:what is |how long is )?(?:.*\b(?:half|quarters?|thirds?|fifths?|sixths?|eighths?|tenths?|twelfths?)\b|\d* ?\d+/\d+|\d*[½¼¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]) ?(?:of )?(?:an? |one )?('.Said::UNITS.')$~u', $line, $m)) {
            return [];
        }
        $unit = UnitWords::unit($m[1]);
        $smaller = $unit?->smaller();

        return null === $smaller || Unit::Tenth === $smaller ? [] : [$line.' in '.$smaller->words()];
    }
}
