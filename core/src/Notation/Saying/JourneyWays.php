<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * When it starts, how long it takes, when it ends; late and early; now, then and ago.
 *
 * @internal to {@see \Rostik\Core\Notation\Rephrased}
 */
final class JourneyWays
{
    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    public const WAYS = [
        // a 50-minute lesson ends at 3:05 pm; 1 h 35 film from 7:50 pm; be there by 9, it takes 35 min
        '~^(?:an? |the )?(\d.*?(?<![a-z])'.Said::UNITS.'|\d+ ?h ?\d+)(?: long)? '.Said::NOUNS.' '.Said::BEGAN.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 + $1',
        '~^(?:an? |the )?(\d.*?(?<![a-z])'.Said::UNITS.'|\d+ ?h ?\d+)(?: long)? '.Said::NOUNS.' '.Said::IS_OVER.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 - $1',
        '~^(?:an? |the )?'.Said::NOUNS.'[:,]? (\d.*?(?<![a-z])'.Said::UNITS.'|\d+ ?h ?\d+)(?: long)?,? '.Said::BEGAN.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 + $1',
        '~^(?:an? |the )?'.Said::NOUNS.'[:,]? (\d.*?(?<![a-z])'.Said::UNITS.'|\d+ ?h ?\d+)(?: long)?,? '.Said::IS_OVER.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 - $1',
        '~^(?:an? |the )?'.Said::NOUNS.' of (\d.*?(?<![a-z])'.Said::UNITS.'),? '.Said::BEGAN.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 + $1',
        '~^(?:an? |the )?'.Said::NOUNS.' of (\d.*?(?<![a-z])'.Said::UNITS.'),? '.Said::IS_OVER.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 - $1',
        '~^'.Said::IS_OVER.'\b(?: at)? (.+?),? after (?:an? |the )?'.Said::NOUNS.' of (.+?)'.Said::WHEN.'$~' => '$1 - $2',
        '~^'.Said::IS_OVER.'\b(?: at)? (.+?)[,;] (?:the |an? )?'.Said::NOUNS.' (?:of )?(\d.+?)'.Said::WHEN.'$~' => '$1 - $2',
        '~^(?:an? |the )?(\d.*?(?<![a-z])'.Said::UNITS.') '.Said::NOUNS.', '.Said::IS_OVER.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 - $1',
        '~^(?:an? |the )?(\d.*?(?<![a-z])'.Said::UNITS.') '.Said::NOUNS.', '.Said::BEGAN.'\b(?: at)? '.Said::AT.Said::WHEN.'$~' => '$2 + $1',
        '~^'.Said::MUST.'(?:be |get |arrive )(?:there |back |home |at [a-z]+ )*(?:at|by|for) (.+?)[,;.]? (?:and )?(?:it |the way |the walk |the journey )?(?:takes |is |needs )?(.+?)(?: walk| drive| away| ride| journey)?'.Said::WHEN.'$~' => '$1 - $2',
        '~^'.Said::MUST.'(?:leave|go|set off|start|be there|get up|begin) (.+? (?:before|after) .+)$~' => '$1',
        '~^'.Said::BEGINS.'\b(?: at)? (.+?),? (\d.+?) (?:on the way|later home|of driving|of walking|on the road)$~' => '$1 + $2',
        '~^(\d.*?),? (\d.*?) long$~' => '$1 + $2',
        '~^(.+?),? '.Said::BEGINS.'[ ,]+(.+?),? '.Said::ENDS.'$~' => '$1 to $2',
        // it starts at 9, takes 40 min; it ends at 4:10 pm and lasted 50 min
        '~^'.Said::WHAT.Said::BEGINS.'\b(?: time)?[: =.]*(?:at )?(.+?)[ ,;:]+(?:and |it |which )*'.Said::LASTS.'[: =]*(?:for )?(.+?)'.Said::WHEN.'$~' => '$1 + $2',
        '~^'.Said::WHAT.Said::BEGINS.'\b(?: time)?[: =.]*(?:at )?'.Said::AT.'[ ,;]+(?:and |it |which )*(?:is )?(\d.*?) long'.Said::WHEN.'$~' => '$1 + $2',
        '~^'.Said::WHAT.Said::IS_OVER.'\b(?: time)?[: =.]*(?:at )?(.+?)[ ,;:]+(?:and |it |which )*(?:lasts?|lasted|lasting|took|journey|duration|length|running time|cooking time|after)\b[: =]*(.+?)'.Said::WHEN.'$~' => '$1 - $2',
        '~^'.Said::WHAT.Said::LASTS.'[: =]*(?:for )?(.+?)[ ,;:]+(?:and |it |which )*'.Said::BEGINS.'\b(?: time)?[: =.]*(?:at )?(.+?)'.Said::WHEN.'$~' => '$2 + $1',
        '~^'.Said::WHAT.Said::LASTS.'[: =]*(?:for )?(.+?)[ ,;:]+(?:and |it |which )*'.Said::IS_OVER.'\b(?: time)?[: =.]*(?:at )?(.+?)'.Said::WHEN.'$~' => '$2 - $1',
        // the 8:15 is 12 min late; due at 10:50 but 20 min late
        '~^(?:the )?(?:due (?:at )?)?(.+?)(?: (?:bus|train|boat|ferry|plane|flight))?,? (?:is |was |but |and |running |arriv(?:es|ed|ing) |leav(?:es|ing) |left |came )*(?:delayed by )(.+)$~' => '$1 + $2',
        '~^(?:the )?(?:due (?:at )?)?(.+?)(?: (?:bus|train|boat|ferry|plane|flight))?,? (?:is |was |but |and |running |arriv(?:es|ed|ing) |leav(?:es|ing) |left |came )+(.+?) late$~' => '$1 + $2',
        '~^(?:the )?(?:due (?:at )?)?(.+?)(?: (?:bus|train|boat|ferry|plane|flight))?,? (?:is |was |but |and |running |arriv(?:es|ed|ing) |leav(?:es|ing) |left |came )+(.+?) early$~' => '$1 - $2',
        '~^(.+?) late,? (?:it (?:is|was) )?(?:due|expected|planned) (?:for |at )?(.+)$~' => '$2 + $1',
        '~^(.+?) early,? (?:it (?:is|was) )?(?:due|expected|planned) (?:for |at )?(.+)$~' => '$2 - $1',
        // what is the time now, and then
        '~^it(?:\'s| is) (?:now )?(.+?)(?: now)?[,;.]? (?:and )?(?:what|when)(?: time)?(?: will it be| is it)? (?:in|after) (.+?)(?: time)?$~' => '$1 + $2',
        '~^it(?:\'s| is) (?:now )?(.+?)(?: now)?[,;.]? (?:and )?what(?: time)?(?: was it| is it)? (.+?) ago$~' => '$1 - $2',
        '~^how (?:long|many (?:minutes|hours))(?: is it| are there)? (?:until|till|to) (.+?),? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$2 to $1',
        '~^how long ago was (?:it )?(.+?),? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$1 to $2',
        '~^(?:the )?time (.+?) ago,? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$2 - $1',
        '~^five and twenty (past|to) (.+)$~' => 'twenty-five $1 $2',
        // what it is called stands before it, and what is asked behind it
        '~^(?:lunch(?:time| break)?|break(?:time)?|playtime|school|assembly|maths|swimming|dinner|tea|supper|breakfast|lesson|film|match|game|journey|trip|party|class|club|concert|show|sleep|(?:first|second|third|fourth|fifth|last|next) (?:lesson|break|bus|boat|train|part|half)|crossing|walk|bus|museum|practice|training|train|ferry|boat|flight|race|morning|afternoon|evening|open|opening|shop|library|pool)(?: (?:lesson|day|times?|club|trip|match|race|hours))?[: ] ?(?:is |was )?(?:from |between |at )?(\S.*?(?:\b(?:to|until|till|for)\b|-).*)$~' => '$1',
        '~^how (?:long|many hours and minutes) (?:is|was|does|did|are) (?:the )?[a-z]+(?: [a-z]+)?(?: last| take)?,? (?:from |between )?(\d.*(?:\b(?:to|until|till|and)\b|-).*)$~' => '$1',
        '~^(.+?)[,;.]? how many ('.Said::UNITS.')(?: (?:is|are) (?:it|that|this|there)| altogether| in all)?$~' => '$1 in $2',
        '~^(.+?)[,;.]? (?:how (?:long|many hours and minutes|much time)(?: is (?:it|that|this|there)| are there| altogether| in all)?|what is (?:it|that|the answer|the time difference))$~' => '$1',
        // in 20 min it is 4 pm
        '~^in (.+?),? it (?:will be|is|is going to be) ((?!what)[^,;]+)$~' => '_ + $1 = $2',
        '~^(.+?) from now,? it (?:will be|is) ((?!what)[^,;]+)$~' => '_ + $1 = $2',
        // dep 0915 arr 1105; start 19:15, finish 21:05; opens 9 am, closes 5:30 pm
        '~^(?:(?:the|a|an|my|our) )?(?:[a-z]+ ){0,2}?'.Said::BEGINS.'\b(?: time)?[: =.]*(?:at )?(.+?)[ ,;]+(?:and )?(?:it )?'.Said::ENDS.'\b(?: time)?[: =.]*(?:at )?(.+)$~' => '$1 to $2',
        '~^(.+?) (?:thru|through|up to|up until|right up to|and then until) (.+)$~' => '$1 to $2',
        // it is told when it is, and how long ago or ahead is asked about
        '~^(?:what time|when) was it (.+?) ago,? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$2 - $1',
        '~^if it(?: is|\'s) (?:now )?(.+?)(?: now)?,? what time was it (.+?) ago$~' => '$1 - $2',
        '~^if it(?: is|\'s) (?:now )?(.+?)(?: now)?,? what time will it be (?:in (.+)|(.+?) (?:later|from now))$~' => '$1 + $2$3',
        '~^in (.+?) it (?:will be|is) (.+?)[.,;]+ what (?:time is it|is the time)(?: now)?$~' => '_ + $1 = $2',
        '~^(.+?) ago it was (.+?)[.,;]+ what (?:time is it|is the time)(?: now)?$~' => '$2 + $1',
        '~^how (?:many minutes|many hours|long)(?: is it)? (?:until|till|to) (.+?) from (.+)$~' => '$2 to $1',
        '~^(.+?) (?:minus|less|without|-) (.+?) (?:for |of )?(?:a |the )?(?:lunch|break|breaks|dinner|rest|playtime|supper)(?: break)?$~' => '$1 - $2',
        // how much later is 9:50 than 8:05
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) later is (.+?) than (.+)$~' => '$2 to $1',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) earlier is (.+?) than (.+)$~' => '$1 to $2',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) longer is (.+?) than (.+)$~' => '$1 - $2',
        '~^how (?:much|many (?:hours|minutes|hours and minutes)) (?:shorter|less) is (.+?) than (.+)$~' => '$2 - $1',
        // the clock, and its hands
        '~^(?:the|my|a) (?:clock|watch) (?:shows|says|reads) (.+?)(?: now)?[.,;]+ (?:and )?what (?:does|will|did) it (?:show|say|read) (?:in |after )?(.+?)(?: later| from now| time)?$~' => '$1 + $2',
        '~^(?:the|my|a) (?:clock|watch) (?:shows|says|reads) (.+?)(?: now)?[.,;]+ (?:and )?what did it (?:show|say|read) (.+?) (?:ago|earlier|before)$~' => '$1 - $2',
        '~^(?:what|which) time (?:does the (?:clock|watch) (?:show|say)|comes|was|is shown|do we have|is it) (.+? (?:after|before|later than|earlier than) .+)$~' => '$1',
        '~^(?:put|turn|move|set|wind)(?: the| a| your)? (?:clock|hands?|watch|clocks)? ?(?:forward|on|forwards|ahead)(?: by)? (.+?) (?:from|after) (.+)$~' => '$2 + $1',
        '~^(?:put|turn|move|set|wind)(?: the| a| your)? (?:clock|hands?|watch|clocks)? ?(?:back|backwards)(?: by)? (.+?) (?:from|before) (.+)$~' => '$2 - $1',
        '~^(?:go|count|jump|step|move|hop)(?: on| forward| forwards| ahead| up)? (\S.*?)(?: on| forward| forwards| ahead)? (?:from|after) (.+)$~' => '$2 + $1',
        '~^(?:go|count|jump|step|move|hop) (?:back|backwards|down) (\S.*?) (?:from|before) (.+)$~' => '$2 - $1',
        '~^(?:start at |from |at )?(\S.*?),? (?:and )?(?:go |count |jump |move |goes |moved )(?:forward|forwards|on|ahead)(?: by| for)? (\d.+)$~' => '$1 + $2',
        '~^(?:start at |from |at )?(\S.*?),? (?:and )?(?:forward|forwards|ahead)(?: by| for)? (\d.+)$~' => '$1 + $2',
        '~^(?:start at |from |at )?(\S.*?),? (?:and )?(?:go |count |jump |move |goes |moved )?(?:back|backwards)(?: by)? (\d.+)$~' => '$1 - $2',
        // late and early, once more
        '~^(?:due|expected|planned)(?: at| for)? (.+?),? (?:but |and )?(\d.+?) late$~' => '$1 + $2',
        '~^(?:due|expected|planned)(?: at| for)? (.+?),? (?:but |and )?(\d.+?) early$~' => '$1 - $2',
        '~^(?:the |my |our )?[a-z]+ (?:is|was|runs|ran) (.+?) late,? (?:and )?(?:it (?:is|was) )?due (?:at )?(.+)$~' => '$2 + $1',
        '~^(.+?) late for (.+)$~' => '$2 + $1',
        '~^(.+?) early for (.+)$~' => '$2 - $1',
        '~^(.+?) (?:plus|with|and|after|has) (?:an? |the )?delay of (.+)$~' => '$1 + $2',
        '~^(.+?) (?:plus|with|and|after|has) (?:an? )?(.+?) delay$~' => '$1 + $2',
        // since then, from now
        '~^how (?:much time|long|many minutes|many hours) (?:has passed|has gone by|has it been|is it|was it|has gone)? ?since (.+?),? (?:if|when|and|now|and now)(?: it(?: is|\'s))?(?: now)? (.+?)(?: now)?$~' => '$1 to $2',
        '~^(.+?) (?:from now|later),? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$2 + $1',
        '~^(?:in )?(.+?),? what time (?:will it be|is it),? if it(?: is|\'s) (?:now )?(.+?)(?: now)?$~' => '$2 + $1',
        '~^it(?: is|\'s) (?:now )?(.+?)(?: now)?[.,;]+ in (.+?) it (?:will be|is)$~' => '$1 + $2',
        '~^(?:how many )?(?:minutes|hours|hours and minutes) (?:till|until|to) (.+?) from (.+)$~' => '$2 to $1',
        '~^how many minutes late (?:is|was) (.+?),? (?:if|when) it (?:should be|should have been|was due at|is due at|was due) (.+)$~' => '$2 to $1 in minutes',
    ];
}
