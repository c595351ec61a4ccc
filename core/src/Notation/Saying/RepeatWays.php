<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * The same length several times, shared, or how often it goes into another.
 *
 * @internal to {@see \Rostik\Core\Notation\Rephrased}
 */
final class RepeatWays
{
    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    public const WAYS = [
        // twice as long as 1 h 20 min; 25 min each way; 20 min twice a day; 25 min each evening, how long in a week
        '~^(?:what is |how long is )?(twice|double|half|(?:two|three|four|five|six|\d+) times|a (?:third|quarter|fifth|tenth)) as (?:long|much|many) as (.+)$~' => '$1 of $2',
        '~^(.+?) (?:each|either|every) way'.Said::ALTOGETHER.'$~' => '2 x $1',
        '~^(.+?) (?:in each direction|both ways|each time,? twice)'.Said::ALTOGETHER.'$~' => '2 x $1',
        '~^(.+?) (?:there|out),? and (.+?) back'.Said::ALTOGETHER.'$~' => '$1 + $2',
        '~^(.+?) twice (?:a|each|every|per) [a-z]+$~' => '2 x $1',
        '~^(.+?) (\d+|three|four|five|six|seven) times (?:a|each|every|per) [a-z]+$~' => '$2 x $1',
        '~^(.+?) '.Said::DAILY.'(?: for|,? how (?:long|much) is (?:that|it) in|,? how (?:long|much) in|,? in)(?: a| one)? (?:whole )?week'.Said::ALTOGETHER.'$~' => '7 x $1',
        '~^(.+?) '.Said::DAILY.'(?: for|,? how (?:long|much) is (?:that|it) in|,? how (?:long|much) in|,? in) (\d+|two|three|four|five|six|seven|eight|nine|ten) (?:days|evenings|mornings|afternoons|nights)'.Said::ALTOGETHER.'$~' => '$2 x $1',
        // 8 lessons of 45 min; seven 20-minute sessions; split 2 h 30 into 5 equal parts; how many 20-minute slots in 3 hours
        '~^('.Said::COUNT.') '.Said::THINGS.'[,:]? (\d.*?) each'.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^('.Said::COUNT.') (?:days|evenings|mornings|afternoons|nights|weeks|lessons) (?:at|of|with) (.+?) (?:a|each|per|every) (?:day|evening|morning|afternoon|night|week|lesson)'.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^('.Said::COUNT.') '.Said::THINGS.',? (?:of|at|lasting|taking|which last|that last|each lasting|each of) (\d.*?)(?: each)?'.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^('.Said::COUNT.') (\d+(?:\.\d+)?[ -]'.Said::UNITS.') '.Said::THINGS.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^('.Said::COUNT.') (half|quarter)[ -]hours$~' => '$1 x $2 of an hour',
        '~^(?:split|cut|break|divide|share)(?: up)? (.+?) (?:in|into|between|among) ('.Said::COUNT.')(?: (?:equal|even|same-sized?))?(?: (?:parts?|pieces|turns|lots|goes|shares|sections|groups|children|people|lessons|sessions|slots))?(?: equally| evenly)?$~' => '$1 / $2',
        '~^how many ((?:\d+(?:\.\d+)?|two|three|four|five|six|ten|twelve|fifteen|twenty|twenty-five|thirty|forty|forty-five|fifty|ninety)[ -]'.Said::UNITS.') [a-z]+ (?:are |can |will )?(?:there |you |we )?(?:fit |be |have |go |get )?(?:in|into|out of) (.+)$~' => '$2 / $1',
        // so often, so many
        '~^('.Said::COUNT.') '.Said::THINGS.',? (?:of )?each,? (?:of |lasting |taking )?(.+)$~' => '$1 x $2',
        '~^('.Said::COUNT.') '.Said::THINGS.',? (?:of|at|lasting|taking) ((?:five|ten|fifteen|twenty|thirty|forty|fifty|sixty|ninety|half|an?|three) .+?)(?: each)?'.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^('.Said::COUNT.') ((?:five|ten|fifteen|twenty|thirty|forty|fifty|sixty|ninety) '.Said::UNITS.') '.Said::THINGS.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^(.+?) [x*×] ?('.Said::COUNT.') '.Said::THINGS.'$~' => '$2 x $1',
        '~^(.+?) each,? (?:for |and )?('.Said::COUNT.') (?:children|people|pupils)$~' => '$2 x $1',
        '~^(.+?) each,? (?:for |and )?('.Said::COUNT.') '.Said::THINGS.'$~' => '$2 x $1',
        '~^('.Said::COUNT.') (?:days|evenings|mornings|afternoons|nights|weeks) of (\d.*?(?:h|min|hours?|minutes?))(?: a day| each)?'.Said::ALTOGETHER.'$~' => '$1 x $2',
        '~^(.+?) '.Said::DAILY.' (?:for|in|over) (?:2|two) weeks'.Said::ALTOGETHER.'$~' => '14 x $1',
        '~^(.+?) '.Said::DAILY.' (?:for|in|over) (?:a|one) fortnight'.Said::ALTOGETHER.'$~' => '14 x $1',
        '~^(.+?) (?:every|each|per|a) school ?day[,;]? (?:for |in |over )?(?:a|one|1) (?:school )?week$~' => '5 x $1',
        '~^(.+?) once (?:a|every|each) ([a-z]+),? (?:for |over |in |how (?:long|much) in )('.Said::COUNT.') \2s$~' => '$3 x $1',
        '~^(.+?) halved$~' => '$1 / 2',
        '~^(.+?) (?:for|to) ('.Said::COUNT.') (?:children|pupils|people|friends|players|teams|groups)(?:,? (?:shared )?equally)?$~' => '$1 / $2',
        '~^(.+?),? (?:split|cut|shared|divided) ('.Said::COUNT.') ways$~' => '$1 / $2',
        '~^('.Said::COUNT.') equal (?:parts|pieces|shares|turns|lots) of (.+)$~' => '$2 / $1',
        '~^how many '.Said::THINGS.' of (.+?) (?:are there |can be had |are |fit |go |can you have |can we have )?(?:in|into|out of) (.+)$~' => '$2 / $1',
        '~^how many (\d+(?:\.\d+)?[ -]'.Said::UNITS.') [a-z]+ can (?:be had|be made|you have|we have|be fitted) (?:in|into|out of) (.+)$~' => '$2 / $1',
        '~^(.+?) in (\d+(?:\.\d+)?[ -]'.Said::UNITS.') '.Said::THINGS.'$~' => '$1 / $2',
        // so much each time
        '~^(.+?) (?:a|an|per|each|every) ([a-z]+),? (?:for |and |over |in |times )?('.Said::COUNT.') \2e?s$~' => '$3 x $1',
        '~^(.+?) (?:a|each|every|per) school ?day (?:for|in) (?:a|one) (?:school )?week$~' => '5 x $1',
        '~^(.+?) (?:on|in|for) (?:each|all|every one) of (?:the )?('.Said::COUNT.') [a-z]+$~' => '$2 x $1',
        '~^twice (?:a|per|each|every) [a-z]+,? (?:for )?(\d.+)$~' => '2 x $1',
        '~^('.Said::COUNT.') times (?:a|per|each|every) [a-z]+,? (?:for )?(\d.+)$~' => '$1 x $2',
        '~^(.+?) twice$~' => '2 x $1',
        '~^(\d*\.\d+) of (?:an? )?(\d.+|'.Said::UNITS.')$~' => '$1 x 1 $2',
        '~^(.+?) (?:between|among|amongst) ('.Said::COUNT.') [a-z]+$~' => '$1 / $2',
        '~^how (?:long|much)(?: time)? (?:does|do|will|can) each (?:of |one of )?(?:the )?('.Said::COUNT.') [a-z]+ (?:get|have)[,;]? (?:if|when) (?:they|we|you) share (.+?)(?: equally)?$~' => '$2 / $1',
        '~^how (?:often|many times) (?:does|do|can|will)(?: (?:you|i|we))?(?: fit)? (.+?) (?:go |fit )?(?:in|into) (.+)$~' => '$2 / $1',
        '~^(.+?) [x*×] ?_+ = (.+)$~' => '_ x $1 = $2',
        '~^_+ ?('.Said::UNITS.') (.+?) = ([^_]+)$~' => '$3 - $2 in $1',
        '~^(.+?) ?> ?((?:'.Said::UNITS.' ?)+|'.Said::UNITS.' and '.Said::UNITS.')$~' => '$1 in $2',
        '~^(.+?) ?> ?(24|12) ?-? ?h(?:our|r)?(?: clock| time)?$~' => '$1 as $2h',
        '~^(.+?),? (?:in|as|to|into) (?:the )?a\.?m\.?(?: ?/ ?| or | and | )p\.?m\.?(?: time| form| clock)?$~' => '$1 as 12h',
        '~^how many days (?:are (?:there )?|there are )?in ((?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*(?: \d{4})?)$~' => '$1 in days',
    ];
}
