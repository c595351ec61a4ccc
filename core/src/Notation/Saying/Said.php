<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Saying;

/**
 * Pieces of patterns that the ways of saying a sum share.
 *
 * @internal to this folder and {@see \Rostik\Core\Notation\Rephrased}
 */
final class Said
{
    public const UNITS = '(?:years?|yrs?|months?|weeks?|wks?|days?|hours?|hrs?|h|minutes?|mins?|min|seconds?|secs?|sec|s)';

    public const BEGINS = '(?:dep(?:arts?|arture|art|\.)?|leav(?:es?|ing)|left|bedtime|sunrise|(?:the )?sun rises?|rises?|(?:high|low) tide|check(?:s|ed|ing)?[ -]in|parked|asleep|(?:in|to) bed|(?:goes|went|going|go) to (?:bed|sleep)|(?:kicks?|takes?|lifts?) off|(?:goes|go|put|went) in|sails?|sets? (?:off|out)|starts?|started|starting|begins?|began|beginning|opens?|opened|opening|from|on|in)';

    public const ENDS = '(?:arr(?:ives?|ived|ival|ive|iving|\.)?|(?:gets?|got) (?:in|there|back|home|up|to [a-z]+)|lands?|docks?|sunset|sets?|(?:high|low) tide|check(?:s|ed|ing)?[ -]out|over|done|reach(?:es|ed)?|(?:is |was )?(?:there|back)|up|home|(?:wakes?|woke)(?: up)?|finish(?:es|ed|ing)?|ends?|ended|ending|clos(?:es?|ed|ing)|shuts?|until|till|to|off|out|stops?|stopped)';

    /** Words that say that something is over, and nothing else: "to" and "off" say more. */
    public const IS_OVER = '(?:arr(?:ives?|ived|ival|ive|iving|\.)?|finish(?:es|ed|ing)?|ends?|ended|ending|clos(?:es?|ed|ing)|shuts?|stops?|stopped|over)';

    public const BEGAN = '(?:(?:kicks?|takes?|lifts?) off|leav(?:es?|ing)|sets? (?:off|out)|starts?|started|starting|begins?|began|beginning|opens?|opened|opening|from)';

    public const WHAT = '(?:(?:the|a|an|my|our|it|he|she|they|we) )?(?:[a-z]+ ){0,2}?';

    public const LASTS = '(?:lasts?|lasted|lasting|bakes?(?: for)?|cooks?(?: for)?|cooking time|takes?|took|taking|goes on|went on|journey|duration|length|for|it lasts|running time)\b';

    /** A question about the other end of it. */
    public const WHEN = '(?:[,;.]? (?:when|what time|at what time) (?:does|did|will|is|was|do) (?:it|he|she|they|we|the [a-z]+)(?: be)?(?: [a-z]+){0,2})?';

    /** Several things, of which each takes so long; no units, and no parts of something. */
    public const THINGS = '(?!'.self::UNITS.'\b)(?!halves|thirds|quarters|[a-z]+ths\b|plus\b|minus\b|times\b|lots\b)[a-z]+s';

    public const COUNT = '\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';

    /** What a thing is called: one word or two, none of which says what is done. */
    public const NOUNS = '(?!'.self::NO_NOUN.')[a-z]+(?: (?!'.self::NO_NOUN.')[a-z]+)?';

    /** A time, which no length is. */
    public const AT = '(?!(?:[\d.½¼¾]+|an?|half an?|one|two|three|four|five|ten|fifteen|twenty) ?(?:and a half )?'.self::UNITS.'\b)(.+?)';

    public const NO_NOUN = '(?:and|apart|aside|far|different|or|plus|minus|times|than|to|of|add(?:ed)?|away|back|off|up|out|on|over|before|after|later|earlier|taken?|subtract(?:ed)?|less|more|from|until|till|not|no|without|past|short|long|longer|shorter|late|early|away|is|are|in|by|if|ago|now|each|every|per|then|also|too|only|'.self::UNITS.')\b';

    public const MUST = '(?:(?:i|we|you|they|he|she) )?(?:(?:must|have to|has to|need to|needs to|want to|wants to|should|to) )?';

    /** A question after what is told, that asks for all of it. */
    public const ALTOGETHER = '(?:[,;.]? (?:altogether|in all|in total|all together|both ways|there and back|what is (?:that|it) altogether|how (?:long|much)(?: is (?:that|it))?(?: for)?(?: the)?(?: altogether| in all| in total| both ways| there and back| round trip| whole way| for both)?))?';

    public const DAILY = '(?:each|every|a|per) (?:day|evening|morning|afternoon|night)';
}
