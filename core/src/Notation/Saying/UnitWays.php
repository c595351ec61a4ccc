<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * A length said in other units, as a part of one, or with a gap to be filled.
 *
 * @internal to {@see \Rostik\Core\Notation\Rephrased}
 */
final class UnitWays
{
    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    public const WAYS = [
        // 6 weeks is how many days; 2 hours = how many minutes
        '~^(.+?) (?:is|are|equals?|makes?|=) (?:equal to )?how many ('.Said::UNITS.'(?: and '.Said::UNITS.')?)$~' => '$1 in $2',
        '~^how many ('.Said::UNITS.') (?:is|are) (.+)$~' => '$2 in $1',
        '~^(?:about|roughly|around) how many ('.Said::UNITS.') (?:is|are|make) (.+)$~' => 'about $2 in $1',
        '~^(?:how many )?days (?:are )?(?:there )?(?:in|has|does) (?:the (?:whole )?year )?(\d{4})(?: have)?$~' => 'year $1 in days',
        '~^increase (.+?) by (.+)$~' => '$1 + $2',
        '~^(?:decrease|reduce|shorten) (.+?) by (.+)$~' => '$1 - $2',
        '~^(?:the )?sum of (.+?) and (.+)$~' => '$1 + $2',
        '~^(\d+) ?(?:%|per cent|percent) of (.+)$~' => '$1/100 x $2',
        // what is multiplied is missing: the product is shared
        '~^_ ?[x*×] ?(\d+) = (.+)$~' => '$2 / $1',
        '~^(.+?) (?:is|are) how (?:long|much) in ('.Said::UNITS.'(?: and '.Said::UNITS.')?)$~' => '$1 in $2',
        '~^(.+?) (?:to|until|till|-) (.+?),? (?:with|less|minus|without|except for|not counting) (?:a |the )?(?:break|lunch|lunch break|rest|pause|dinner|interval) of (.+)$~' => '$1 to $2 - $3',
        // as a decimal, as a fraction
        '~^(.+?) (?:in|as|into|to) (?:an? )?decimals? (?:of (?:an? |one )?|in )?('.Said::UNITS.')$~' => '$1 in $2 as a decimal',
        '~^(.+?) (?:in|as|into|to) (?:an? )?(?:fraction|part) of (?:an? |one |the )?('.Said::UNITS.')$~' => '$1 in $2 as a fraction',
        '~^(.+?),? in (?:an? )?('.Said::UNITS.') (?:and |,|written |given |expressed )*(?:as|in|to|by) (?:an? )?decimals?(?: (?:number|form|fraction|notation))?$~' => '$1 in $2 as a decimal',
        '~^(?:what |which )(?:fraction|part) of (?:an? |one |the )?('.Said::UNITS.') (?:is|are) (.+)$~' => '$2 in $1 as a fraction',
        '~^(.+?) (?:is|are) what (?:fraction|part) of (?:an? |one |the )?('.Said::UNITS.')$~' => '$1 in $2 as a fraction',
        '~^(.+?(?<![a-z])(?:m|mins?|minutes?|h|hrs?|hours?)) (?:as|in) (?:an? )?decimals?(?: (?:number|form|fraction|notation))?$~' => '$1 in h as a decimal',
        '~^(.+?(?:\bs|\ds|secs?|seconds?)) (?:as|in) (?:an? )?decimals?(?: (?:number|form|fraction|notation))?$~' => '$1 in min as a decimal',
        // 75 min = 1 h __ min, either way round
        '~^([^=_]+?) ?= ?([^=_]+?) ?_+ ?('.Said::UNITS.')$~' => '$1 - $2 in $3',
        '~^([^=_]+?) ?_+ ?('.Said::UNITS.') ?= ?([^=_]+)$~' => '$3 - $1 in $2',
        '~^how old (?:is (.+?) )?in ('.Said::UNITS.')(?: is (.+))?$~' => '$1$3 in $2',
        '~^(?:the )?number of ('.Said::UNITS.'(?: and '.Said::UNITS.')?) (in|between|from) (.+)$~' => 'how many $1 $2 $3',
        '~^(?:minutes|hours|seconds|days|hours and minutes) between (.+)$~' => 'how long is it between $1',
        '~^how (?:much|long) (?:is|are) (.+)$~' => '$1',
        '~^(?:how (?:do (?:you|we|i) )?say|say|read)(?: out)? (\d?\d[:.]\d\d)$~' => '$1 as words',
        '~^(?:how many )?days (?:are )?(?:there )?in a leap year$~' => 'year 2028 in days',
        '~^(.+?) (?:to|until|till|-) (.+?),? (?:with|less|minus|without) (?:an? )?(.+?) (?:for )?(?:break|lunch|lunch break|rest|dinner)$~' => '$1 to $2 - $3',
        // a colon for a sign of division
        '~^(\d.*(?:h|min|s|hours?|minutes?|seconds?|days?|weeks?)) : (\d+)$~' => '$1 / $2',
        // 135 min = h min
        '~^(.+?) = ('.Said::UNITS.'(?: (?:and )?'.Said::UNITS.')?)$~' => '$1 in $2',
        // one day is how many times as long as one hour
        '~^(.+?) (?:is|lasts|takes) how many times as long as (.+)$~' => '$1 / $2',
    ];
}
