<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;

/**
 * What in a text may change its sum and is not accounted for in it: words of how often, of comparing, of other days, of what is
 * not so. They never lead to a sum; they only take away that it is sure.
 */
final class Doubts
{
    /** Words that multiply or share out. */
    private const OFTEN = 'twice|thrice|double|triple|each|every|per|daily|weekly|apiece|(?:N\d+|L\d+|an hour|one hour) a (?:day|night|week|month)|a (?:day|week|month)\b(?=[^.?]*\?)|in a (?:week|month|year)|N\d+ times|(?<!quarter and )half (?:as|of the)';

    private const DAYS = 'monday|tuesday|wednesday|thursday|friday|saturday|sunday';

    /** Words that turn round, restrict or leave open. */
    private const TURNS = 'at the same time|at once|not|never|nobody|except|unless|instead|without|only|although|or|if|though|nearly|almost|at least|at most|more than|less than';

    /** A length before, after or until, as the operations know it. */
    private const UNDERSTOOD = '\bL\d+ (?:after|before) (?:T\d+|(?:that|this|it|then|noon|midnight)\b)|\bL\d+ (?:after|before) (?:(?:the|his|her|its|their|an?) \w+|'.TimeAsked::DAILY.')(?=[^.?]*T\d)|\bL\d+ before (?:what|which) time|\bL\d+ after (?:what|which) time|T\d+ and (?!had)[^.]*\bafter L\d+|T\d+ after L\d+|\bL\d+ (?:until|till) [^.]*T\d+|\bafter L\d+ (?:of|at|in|on)\b|\bL\d+ left until\b';

    /**
     * @param string              $telling patterns of all that is told and asked
     * @param non-empty-list<Sum> $sums
     *
     * @return ?string the words that are not accounted for; null where there are none
     */
    public static function in(string $telling, array $sums): ?string
    {
        $kinds = static fn (string ...$classes): bool => [] !== array_filter($sums, static fn (Sum $sum): bool => [] !== array_filter($classes, static fn (string $class): bool => $sum instanceof $class));
        // two stretches of one day together are a day's
        $oneDay = $kinds(Total::class) ? preg_replace('/\b(?:in )?a day\b/', '', $telling) ?? $telling : $telling;
        if (!$kinds(Product::class, Share::class, Series::class, Grouping::class) && 1 === preg_match('/\b(?:'.self::OFTEN.')\b/', self::plainly($oneDay), $found)) {
            return self::word($found[0]);
        }
        preg_match_all('/\b(?:'.self::DAYS.'|yesterday|tomorrow|today)s?\b/', $telling, $days);
        $several = array_values(array_unique($days[0]));
        if (isset($several[1]) && !$kinds(Total::class, Difference::class, Product::class)) {
            return $several[1];
        }
        if (1 === preg_match('/\b(?:'.self::TURNS.')\b/', preg_replace('/\bnot (?:far|yet)\b|(?:^|(?<= \. ))if\b(?=[^.]*$)|\bL\d+ (?:more|less) than\b/', '', $telling) ?? $telling, $found) && !self::accounts($found[0], $sums)) {
            return $found[0];
        }
        $onClock = 1 === \count($sums) && $sums[0] instanceof ClockMove ? $sums[0] : null;
        // what had been before is not gone on from
        if ($onClock instanceof Later && 1 === preg_match('/\bhad (?!to\b|an?\b|the\b|no\b|[TLN]\d)(?:\w+)/', $telling, $found)) {
            return $found[0];
        }
        // before, after and until beside a length turn a sum round; only these ways of saying it are understood
        if (null !== $onClock && 1 === preg_match('/\bL\d+ (?:after|before|until|till)\b|\b(?:after|before|within|since) L\d+/', preg_replace('/'.self::UNDERSTOOD.'/', '', $telling) ?? $telling, $found)) {
            return self::word($found[0]);
        }
        // what is asked altogether is put together
        if (1 === preg_match('/\bhow (?:long|much|many)\b[^.]*\b(?:altogether|in all|in total)\b[^.]*$/', $telling, $found) && !$kinds(Total::class, Product::class, Elapsed::class, Difference::class)) {
            return 'altogether';
        }
        // so many that set out together do not do so one after the other
        if (1 === preg_match('/\b(?:N\d+|both|all) \w+ (?:leave|start|begin|set (?:out|off)|depart|go)\b/', $telling, $found) && 1 < \count($sums)) {
            return self::word($found[0]);
        }
        // a comparison is made in the sum, or it is not understood
        if (1 === preg_match('/\b(?:L\d+ (?:less|more|longer|shorter|earlier|later) than|as long as|as much as)\b/', $telling, $found) && !$kinds(Total::class, Difference::class, Product::class, Share::class)) {
            $usual = 1 === preg_match('/L\d+ (?:later|earlier|longer) than (?:planned|usual|it should)/', $telling) || ($kinds(ClockMove::class) && 1 === preg_match('/L\d+ (?:later|earlier) than/', $telling));

            return $usual ? null : self::word($found[0]);
        }

        return null;
    }

    /** @param non-empty-list<Sum> $sums */
    private static function accounts(string $word, array $sums): bool
    {
        $last = $sums[\count($sums) - 1];

        return 'without' === $word && $last instanceof Difference;
    }

    /** Without those "every" and "each" that say nothing of how often. */
    private static function plainly(string $telling): string
    {
        return preg_replace('/\b(?:every|each) (?:day|morning|evening|night|afternoon|week|year|summer|winter|saturday|sunday|school day|weekday)\b(?![^?]*\b(?:in a|a|per|each|every) (?:week|month|year)\b)|\beach other\b|\bon each side\b(?![^?]*\bback\b)|\bevery(?:body|one|thing)\b|\bonce a (?:day|week|month|year)\b|\bon (?:the|its|their) way each day\b/', '', $telling) ?? $telling;
    }

    private static function word(string $found): string
    {
        return trim(preg_replace('/[TLN]\d+/', '…', $found) ?? $found);
    }
}
