<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * More and less, what is left of it, what it comes to altogether.
 *
 * @internal to {@see \Rostik\Core\Notation\Rephrased}
 */
final class AmountWays
{
    /** What a way is in the notation, by the way it is said: whole lines, evened out. */
    public const WAYS = [
        // 20 min faster than 1 h 5 min
        '~^(.+?) (?:faster|quicker|shorter|less) than (.+)$~' => '$2 - $1',
        '~^(.+?) (?:slower|longer|more) than (.+)$~' => '$2 + $1',
        // 1 h 20 min but 15 min less; an hour except for 10 min; 10 min short of an hour; 5 min over 2 hours
        '~^(.+?),? but (.+?) (?:less|shorter|earlier|sooner|quicker|faster)$~' => '$1 - $2',
        '~^(.+?),? but (.+?) (?:more|longer|later|slower|extra)$~' => '$1 + $2',
        '~^(.+?),? (?:except(?: for)?|bar|but for|apart from|save for) (.+)$~' => '$1 - $2',
        '~^(.+?) (?:under|short of|shy of|below|off) (.+)$~' => '$2 - $1',
        '~^(.+?(?<![a-z])(?:m|mins?|minutes?)) (?:over|past|above|beyond) (.+?(?<![a-z])(?:h|hrs?|hours?|days?))$~' => '$2 + $1',
        '~^(.+?(?<![a-z])(?:s|secs?|seconds?)) (?:over|past|above|beyond) (.+?(?<![a-z])(?:m|mins?|minutes?))$~' => '$2 + $1',
        '~^(.+?) (?:and|with|plus) (?:another|a further|an extra) (.+?)$~' => '$1 + $2',
        // what is left of it
        '~^what (?:remains|is left) (?:of|from) (.+?) (?:after|when|if|once|minus) (.+?)(?: (?:is|are|has|have) (?:gone|used|over|taken|passed|been used))?$~' => '$1 - $2',
        '~^how (?:much|long)(?: time)? (?:of (.+?) is left|is left of (.+?)|(?:remains|is left) (?:of|from) (.+?)) (?:after|when|if|once) (.+?)(?: (?:is|are|has|have) (?:gone|used|over|taken|passed|been used))?$~' => '$1$2$3 - $4',
        '~^(.+?),? (?:of which|and) (.+?) (?:is|are|has|have) (?:been )?(?:gone|used|over|taken|passed|used up)(?:[.,;]? how (?:much|long)(?: time)? is left)?$~' => '$1 - $2',
        '~^(?:what do |what does )?(.+? and .+?) (?:make|makes|come to)(?: altogether| together| how (?:much|long))?$~' => 'add $1',
        // more than, added to, taken from
        '~^(.+?) (?:is|are) how (?:much|many (?:minutes|hours)) (?:longer|more|greater|later) than (.+)$~' => '$1 - $2',
        '~^(.+?) (?:is|are) how (?:much|many (?:minutes|hours)) (?:shorter|less|fewer|smaller|earlier) than (.+)$~' => '$2 - $1',
        '~^how (?:much|many) (?:more|longer) (?:minutes |hours )?than (.+?) (?:is|are) (.+)$~' => '$2 - $1',
        '~^how (?:much|many) (?:less|fewer|shorter) (?:minutes |hours )?than (.+?) (?:is|are) (.+)$~' => '$1 - $2',
        '~^how (?:much|many minutes|many hours|long)(?: more)? (?:is |are |do (?:you|i|we) )?(?:needed |need |left |missing )?(?:to )?(?:make|get|go)(?: from)? (.+?) (?:up )?(?:to|into|reach) (.+)$~' => '$2 - $1',
        '~^(?:what is )?(.+? and .+?) (?:together|combined)$~' => 'add $1',
        '~^(.+?) (?:added|joined) (?:to|on to|onto) (.+)$~' => '$2 + $1',
        '~^(.+?) together with (.+)$~' => '$1 + $2',
        '~^(?:if|when) (?:i|you|we|they) (.+?),? (?:what|how much|how long) (?:do|will|would|does) (?:i|you|we|they|it) (?:get|have|make)(?: altogether)?$~' => '$1',
        '~^(.+?) needs? how (?:much|many (?:minutes|hours))(?: more)? to (?:be|make|reach|become) (.+)$~' => '$2 - $1',
        '~^(.+?) (?:on top of|extra on|in addition to|as well as) (.+)$~' => '$2 + $1',
        '~^(.+?) (?:taken|subtracted|removed) (?:off|from|away from) (.+)$~' => '$2 - $1',
        '~^(.+?) (?:with|and) (.+?) (?:taken|cut|knocked) (?:off|away)$~' => '$1 - $2',
        // all of it, as a question would put it
        '~^what (?:do|would) (?:you|we|i|they) (?:get|have)(?: left)? (?:if|when) (?:you|we|i|they) (.+)$~' => '$1',
        '~^what (?:is|\'s|are|comes|remains) (?:left|over|the answer|it|out|the result)? ?(?:if|when) (?:you|we|i|they) (.+)$~' => '$1',
        '~^by how (?:much|many minutes|many hours) is (.+?) (?:longer|more|greater|bigger) than (.+)$~' => '$1 - $2',
        '~^by how (?:much|many minutes|many hours) is (.+?) (?:shorter|less|smaller) than (.+)$~' => '$2 - $1',
        '~^(.+?,.+?|.+? and .+?),? (?:altogether|in all|in total|all together)(?: is| makes?)?$~' => 'add $1',
        '~^(.+?),? ('.Said::COUNT.') times$~' => '$2 x $1',
        '~^how many minutes (?:past|after) (\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) is (.+)$~' => '$1 o\'clock to $2 in minutes',
        '~^how many minutes (?:to|before) (\d+|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) is (.+)$~' => '$2 to $1 o\'clock in minutes',
        '~^how many minutes (?:past|after) (.+?) is (.+)$~' => '$1 to $2 in minutes',
        '~^how many minutes (?:to|before) (.+?) is (.+)$~' => '$2 to $1 in minutes',
        '~^how (?:long|many (?:hours|minutes)) .*?\b'.Said::BEGINS.'\b (?:at )?(.+?)[ ,;]+(?:and |it |until |till )*'.Said::ENDS.'\b (?:at )?(.+?)(?: last| take)?$~' => '$1 to $2',
        '~^how (?:many (?:hours|minutes)(?: of)?|much|long) [a-z]+(?: time)? (?:is it |is that |do (?:i|we|they) get )?(?:from|between) (.+)$~' => 'how long is it from $1',
        '~^how (?:long|much) (?:is|does|has) (?:each|one|every)(?: [a-z]+)?(?: get| have)?,? (?:if|when|of) (.+?) (?:is|are) (?:split|shared|divided|cut|broken)(?: up)?(?: equally)? (?:into|between|among|amongst|by) ('.Said::COUNT.')(?: [a-z ]+)?$~' => '$1 / $2',
        '~^(.+?),? (?:is |are )?(?:cut|split|divided|shared)?(?: up| equally)? ?(?:in|into|between|among) ('.Said::COUNT.') (?:equal |even )?(?:parts?|pieces|turns|lots|shares|sections|groups)(?: equally)?$~' => '$1 / $2',
        '~^(.+?),? (?:is |are )?(?:cut|split|divided|shared)(?: up| equally)? (?:in|into|between|among) ('.Said::COUNT.')$~' => '$1 / $2',
    ];
}
