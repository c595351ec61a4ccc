<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** What a question asks for. */
enum Asked
{
    case Time;
    /** The latest time. */
    case Latest;
    case Length;
    case Altogether;
    /** How much longer, shorter, faster. */
    case More;
    case Left;
    case Wait;
    /** How often one length goes into another. */
    case HowOften;
    /** How late, or how early, something came. */
    case HowLate;
    case Unclear;

    /** @param string $pattern of the question */
    public static function of(string $pattern): self
    {
        $long = 1 === preg_match('/\bhow (?:long|much|many)\b|\bwhat is the length\b|^(?:calculate|work out|find) (?:the time that|how long)/', $pattern);

        return match (true) {
            1 === preg_match('/\bhow (?:late|early)\b|\bby how (?:many minutes|much) .*\b(?:late|early)\b|\bhow many minutes (?:late|early)\b|\bhow many minutes is .*\b(?:fast|slow)\b/', $pattern) => self::HowLate,
            1 === preg_match('/\bhow (?:often|many \w+ (?:of L\d+|does|do|are|fit))\b(?!.*\bdays\b)/', $pattern) && 1 !== preg_match('/\bhow many (?:minutes|hours)\b/', $pattern) => self::HowOften,
            1 === preg_match('/\bhow many (?!minutes|hours)|\bwhy\b|\bhow old\b|\bwho\b/', $pattern) => self::Unclear,
            1 === preg_match('/\bwhat is the difference\b|\bhow much time (?:does|do|did) \w+ save\b|\bhow much (?:longer|shorter|faster|slower|more|earlier|later)\b|\bby how (?:much|many)\b/', $pattern) && 1 !== preg_match('/\b(?:for how much longer|how much longer (?:will|does|can|do) .*(?:last|go|take)\b(?!.*\bthan\b)|still)\b/', $pattern) => self::More,
            $long && 1 === preg_match('/\bhow much time (?:does|do|has|have) .*\b(?:have|got)\b(?! to (?:spare|wait))|\bstill to (?:play|go|come)\b/', $pattern) => self::Left,
            $long && 1 === preg_match('/\bwait\b|\bto spare\b|\bis the (?:stop|pause)\b/', $pattern) => self::Wait,
            $long && 1 === preg_match('/\b(?:left|remains?|remaining|still|longer)\b/', $pattern) => self::Left,
            $long && 1 === preg_match('/\b(?:altogether|in all|in total|together|both|it all|whole|that day|in a day)\b/', $pattern) => self::Altogether,
            $long => self::Length,
            1 === preg_match('/\blatest\b/', $pattern) => self::Latest,
            1 === preg_match('/\bwhen\b|\bwhat does .* (?:show|say)\b|\b(?:what|which) times?\b|\bwhat is the (?:right|correct|arrival) time\b|\btime of arrival\b|\btime\b.*\?/', $pattern) => self::Time,
            default => self::Unclear,
        };
    }
}
