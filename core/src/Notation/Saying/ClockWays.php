<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * How a time is said and written; which of several is first.
 *
 * @internal to {@see \Rostik\Core\Notation\Rephrased}
 */
final class ClockWays
{
    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    public const WAYS = [
        // how it is said, and how it is written
        '~^(?:what (?:do|would|should) (?:you|we|i) (?:say|call) ?(?:for)?|how (?:is|do you read|do we read|do you say|would you say)|say|how do (?:we|you|i) say) (\d?\d[:.]\d\d(?: ?[ap]\.?m\.?)?)(?: (?:said|read|spoken|called|aloud|out loud|in words))?$~' => '$1 as words',
        '~^(?:write |say |put )?(.+?)(?: written)? out in words$~' => '$1 as words',
        '~^([a-z0-9 \'-]+ (?:past|to|o\'clock)[a-z0-9 -]*),? digital$~' => '$1 as digital',
        '~^(?:the )?(24|12)[ -]?h(?:ou)?r?(?: clock)?(?: time)? (?:for|of) (.+)$~' => '$2 as $1h',
        '~^(.+?), ?(24|12)[ -]?h(?:ou)?r?(?: clock)?(?: time)?$~' => '$1 as $2h',
        '~^(.+?) (?:with|as|in|using) (?:a\.?m\.? or p\.?m\.?|pm|am)$~' => '$1 as 12h',
        '~^(.+?) (?:is|are|makes?) how (?:long|much)$~' => '$1 in h min',
        '~^(.+?) or (.+?)[,;:]? which (?:one )?(?:is|takes|lasts) (?:the )?(?:longer|longest|more|later|shorter|shortest|less|earlier|greater|bigger)$~' => '$1 ? $2',
        '~^(?:are|is) (.+?) (?:and|or) (.+?) (?:the same|equal|equally long|the same length|as long as each other)$~' => '$1 = $2',
        '~^(?:the |an? |our )?[a-z]+ (?:goes|leaves|runs|comes|rings|sails|go|leave|run|come|ring|sail) every (.+?),? (?:from|between) (.+?) (?:to|until|till|and) (.+)$~' => 'every $1 from $2 until $3',
        '~^how many days (?:till|until|to) (.+?) from (.+)$~' => '$2 to $1 in days',
        '~^(?:what )?day of the week (?:for|of|is|was|will be) (.+)$~' => '$1 as weekday',
        // 14:05 = _ pm; digital for ten to seven; is 5:45 quarter to six
        '~^(.+?) ?= ?_+ ?[ap]\.?m\.?$~' => '$1 as 12h',
        '~^(?:the )?digital(?: time| clock)? (?:for|of) (.+)$~' => '$1 as digital',
        '~^is (\d?\d[:.]\d\d(?: ?[ap]\.?m\.?)?) (?:the same as )?([a-z].*(?:past|to|o\'clock)\b.*|half .*|noon|midnight)$~' => '$1 as words = $2',
        '~^is ([a-z -]*(?:past|to)\b [a-z]+|half [a-z]+|[a-z]+ o\'clock) (?:the same as )?(\d?\d[:.]\d\d)$~' => '$1 as digital = $2',
        '~^(?:starting|start|starts|begin|beginning) (?:at|from|with) (.+?)[,;.]? (?:and )?(?:count(?:ing)?(?: on| up)?|go(?:ing)?(?: on| up)?)(?: in| by)? (?:steps of |jumps of )?(.+?),? ('.Said::COUNT.') (?:times|steps|jumps)$~' => 'every $2 from $1, $3 times',
        '~^every (.+?),? between (.+?) and (.+)$~' => 'every $1 from $2 until $3',
        '~^how many times as long as (.+?) is (.+)$~' => '$2 / $1',
        '~^how many times does (.+?) (?:go|fit) into (.+)$~' => '$2 / $1',
        // which comes first, A, B or C; which of A, B and C is the earliest
        '~^which (?:time )?(?:comes|is) (?:the )?(?:first|earliest|earlier)[,:;]? (.+?) or (.+)$~' => 'order $1, $2',
        '~^which (?:time )?(?:comes|is) (?:the )?(?:last|latest|later)[,:;]? (.+?) or (.+)$~' => 'order latest first: $1, $2',
        '~^which (?:one )?(?:is|lasts|takes) (?:the )?(?:longest|most|greatest|biggest|largest)[,:;]? (.+?) or (.+)$~' => 'order longest first: $1, $2',
        '~^which (?:one )?(?:is|lasts|takes) (?:the )?(?:shortest|least|smallest|fewest)[,:;]? (.+?) or (.+)$~' => 'order $1, $2',
        // put in order from morning to night: …
        '~^(?:put|arrange|sort|write|place|list|order)\b[^:]*\b(?:from )?(?:morning (?:to|until|till) (?:night|evening)|first to last|start(?:ing)? with the (?:earliest|shortest|first))[,:]? (.+)$~' => 'order $1',
        '~^(?:put|arrange|sort|write|place|list|order)\b[^:]*\b(?:from )?(?:(?:night|evening) (?:to|until|till) morning|last to first)[,:]? (.+)$~' => 'order latest first: $1',
        '~^(?:put|arrange|sort|write|place|list)\b(?: the following| these| them| the)?(?: times| lengths)? in(?:to)? (?:their |the right |the correct |time )?order: (.+)$~' => 'order $1',
        // the time is said with a blank between the hour and the minutes: 5 10 pm
        '~(?<![\d:.] )(?<![\d:.])\b(1[0-2]|[1-9]) ([0-5]\d) ?(?=[ap]\.?m)~' => '$1:$2 ',
        // a bare hour, where only a time can be meant
        '~^(1[0-2]|[1-9]|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (plus|minus) ((?:an|one|two|three|half an|\d+) (?:and a half )?(?:hours?|minutes?)(?: .+)?)$~' => '$1 o\'clock $2 $3',
    ];
}
