<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/**
 * Ways of saying a sum that no form reads, said again in the notation: "dep 0915 arr 1105" is 0915 to 1105. Each way covers
 * the whole line, so that no word of it is dropped; what comes of it is read, or refused, like any other line.
 */
final class Rephrased
{
    private const UNITS = '(?:years?|yrs?|months?|weeks?|wks?|days?|hours?|hrs?|h|minutes?|mins?|min|seconds?|secs?|sec|s)';

    private const PARTS = ['halves' => 2, 'half' => 2, 'thirds' => 3, 'third' => 3, 'quarters' => 4, 'quarter' => 4, 'fourths' => 4, 'fifths' => 5, 'fifth' => 5, 'sixths' => 6, 'sixth' => 6, 'sevenths' => 7, 'eighths' => 8, 'eighth' => 8, 'tenths' => 10, 'tenth' => 10, 'twelfths' => 12, 'twelfth' => 12, 'twentieths' => 20, 'sixtieths' => 60];

    private const BEGINS = '(?:dep(?:arts?|arture|art|\.)?|leav(?:es?|ing)|sets? (?:off|out)|starts?|started|starting|begins?|began|beginning|opens?|opened|opening|from|on|in)';

    private const ENDS = '(?:arr(?:ives?|ival|ive|iving|\.)?|gets? (?:in|there)|finish(?:es|ed|ing)?|ends?|ended|ending|clos(?:es?|ed|ing)|shuts?|until|till|to|off|out|stops?|stopped)';

    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    private const WAYS = [
        // 6 weeks is how many days; 2 hours = how many minutes
        '~^(.+?) (?:is|are|equals?|makes?|=) (?:equal to )?how many ('.self::UNITS.'(?: and '.self::UNITS.')?)$~' => '$1 in $2',
        '~^how many ('.self::UNITS.') (?:is|are) (.+)$~' => '$2 in $1',
        '~^(?:about|roughly|around) how many ('.self::UNITS.') (?:is|are|make) (.+)$~' => 'about $2 in $1',
        '~^(?:how many )?days (?:are )?(?:there )?(?:in|has|does) (?:the (?:whole )?year )?(\d{4})(?: have)?$~' => 'year $1 in days',
        '~^increase (.+?) by (.+)$~' => '$1 + $2',
        '~^(?:decrease|reduce|shorten) (.+?) by (.+)$~' => '$1 - $2',
        '~^(?:the )?sum of (.+?) and (.+)$~' => '$1 + $2',
        '~^(\d+) ?(?:%|per cent|percent) of (.+)$~' => '$1/100 x $2',
        // what is multiplied is missing: the product is shared
        '~^_ ?[x*×] ?(\d+) = (.+)$~' => '$2 / $1',
        '~^(.+?) (?:is|are) how (?:long|much) in ('.self::UNITS.'(?: and '.self::UNITS.')?)$~' => '$1 in $2',
        '~^(.+?) (?:to|until|till|-) (.+?),? (?:with|less|minus|without|except for|not counting) (?:a |the )?(?:break|lunch|lunch break|rest|pause|dinner|interval) of (.+)$~' => '$1 to $2 - $3',
        // 20 min faster than 1 h 5 min
        '~^(.+?) (?:faster|quicker|shorter|less) than (.+)$~' => '$2 - $1',
        '~^(.+?) (?:slower|longer|more) than (.+)$~' => '$2 + $1',
        // dep 0915 arr 1105; start 19:15, finish 21:05; opens 9 am, closes 5:30 pm
        '~^(?:(?:the|a|an|my|our) )?(?:[a-z]+ ){0,2}?'.self::BEGINS.'\b(?: time)?[: =.]*(?:at )?(.+?)[ ,;]+(?:and )?(?:it )?'.self::ENDS.'\b(?: time)?[: =.]*(?:at )?(.+)$~' => '$1 to $2',
        '~^(.+?) (?:thru|through|up to|up until|right up to|and then until) (.+)$~' => '$1 to $2',
        // it is told when it is, and how long ago or ahead is asked about
        '~^(?:what time|when) was it (.+?) ago,? if it is (?:now )?(.+?)(?: now)?$~' => '$2 - $1',
        '~^if it is (?:now )?(.+?)(?: now)?,? what time was it (.+?) ago$~' => '$1 - $2',
        '~^if it is (?:now )?(.+?)(?: now)?,? what time will it be (?:in (.+)|(.+?) (?:later|from now))$~' => '$1 + $2$3',
        '~^in (.+?) it (?:will be|is) (.+?)[.,;]+ what (?:time is it|is the time)(?: now)?$~' => '_ + $1 = $2',
        '~^(.+?) ago it was (.+?)[.,;]+ what (?:time is it|is the time)(?: now)?$~' => '$2 + $1',
        '~^how (?:many minutes|many hours|long)(?: is it)? (?:until|till|to) (.+?) from (.+)$~' => '$2 to $1',
        '~^(.+?) (?:minus|less|without|-) (.+?) (?:for |of )?(?:a |the )?(?:lunch|break|breaks|dinner|rest|playtime|supper)(?: break)?$~' => '$1 - $2',
        // a colon for a sign of division
        '~^(\d.*(?:h|min|s|hours?|minutes?|seconds?|days?|weeks?)) : (\d+)$~' => '$1 / $2',
        // how much later is 9:50 than 8:05
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) later is (.+?) than (.+)$~' => '$2 to $1',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) earlier is (.+?) than (.+)$~' => '$1 to $2',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) longer is (.+?) than (.+)$~' => '$1 - $2',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) (?:shorter|less) is (.+?) than (.+)$~' => '$2 - $1',
        // 135 min = h min
        '~^(.+?) = ('.self::UNITS.'(?: (?:and )?'.self::UNITS.')?)$~' => '$1 in $2',
        // one day is how many times as long as one hour
        '~^(.+?) (?:is|lasts|takes) how many times as long as (.+)$~' => '$1 / $2',
        '~^how many times as long as (.+?) is (.+)$~' => '$2 / $1',
        '~^how many times does (.+?) (?:go|fit) into (.+)$~' => '$2 / $1',
        // which comes first, A, B or C; which of A, B and C is the earliest
        '~^which (?:time )?(?:comes|is) (?:the )?(?:first|earliest|earlier)[,:;]? (.+?) or (.+)$~' => 'order $1, $2',
        '~^which (?:time )?(?:comes|is) (?:the )?(?:last|latest|later)[,:;]? (.+?) or (.+)$~' => 'order latest first: $1, $2',
        '~^which (?:one )?(?:is|lasts|takes) (?:the )?(?:longest)[,:;]? (.+?) or (.+)$~' => 'order longest first: $1, $2',
        '~^which (?:one )?(?:is|lasts|takes) (?:the )?(?:shortest)[,:;]? (.+?) or (.+)$~' => 'order $1, $2',
        // put in order from morning to night: …
        '~^(?:put|arrange|sort|write|place|list|order)\b[^:]*\b(?:from )?(?:morning (?:to|until|till) (?:night|evening)|first to last|start(?:ing)? with the (?:earliest|shortest|first))[,:]? (.+)$~' => 'order $1',
        '~^(?:put|arrange|sort|write|place|list|order)\b[^:]*\b(?:from )?(?:(?:night|evening) (?:to|until|till) morning|last to first)[,:]? (.+)$~' => 'order latest first: $1',
        '~^(?:put|arrange|sort|write|place|list)\b(?: the following| these| them| the)?(?: times| lengths)? in(?:to)? (?:their |the right |the correct |time )?order: (.+)$~' => 'order $1',
        // the time is said with a blank between the hour and the minutes: 5 10 pm
        '~(?<![\d:.] )(?<![\d:.])\b(1[0-2]|[1-9]) ([0-5]\d) ?(?=[ap]\.?m)~' => '$1:$2 ',
        // a bare hour, where only a time can be meant
        '~^(1[0-2]|[1-9]|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (plus|minus) ((?:an|one|two|three|half an|\d+) (?:and a half )?(?:hours?|minutes?)(?: .+)?)$~' => '$1 o\'clock $2 $3',
    ];

    /** @return list<string> the line in the notation, in every way in which it may be meant; nothing where no way is known */
    public static function of(string $typed): array
    {
        $line = trim((string) preg_replace('/\s+/', ' ', Evened::of($typed)->text));
        $line = rtrim($line, ' ?.!;:,');
        $said = [];
        foreach (self::WAYS as $way => $notation) {
            $plain = preg_replace($way, $notation, $line, -1, $count);
            if (null !== $plain && $count > 0) {
                $said[] = $plain;
            }
        }

        return array_values(array_unique([...$said, ...self::partsOfUnits($line), ...self::added($line), ...self::otherWay($line), ...self::bareFraction($line)]));
    }

    /**
     * "How many quarters of an hour in 3 hours": how often the part goes into the length.
     *
     * @return list<string>
     */
    private static function partsOfUnits(string $line): array
    {
        if (1 !== preg_match('~^how many (\w+)[ -](?:of (?:an?|one|the) )?('.self::UNITS.') (?:are |is )?(?:there )?(?:in|make|makes|are in|go into|equals?|to) (.+)$~', $line, $m)) {
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
        $line = preg_replace('~\b(?:a |one )?(half|quarter)-('.self::UNITS.')\b~', '$1 of a $2', $line) ?? $line;
        if (1 !== preg_match('~^(?:what is |how long is )?(?:.*\b(?:half|quarters?|thirds?|fifths?|sixths?|eighths?|tenths?|twelfths?)\b|\d* ?\d+/\d+|\d*[½¼¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]) ?(?:of )?(?:an? |one )?('.self::UNITS.')$~u', $line, $m)) {
            return [];
        }
        $unit = UnitWords::unit($m[1]);
        $smaller = $unit?->smaller();

        return null === $smaller || Unit::Tenth === $smaller ? [] : [$line.' in '.$smaller->words()];
    }
}
