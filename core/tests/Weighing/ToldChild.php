<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Weighing;

/** What a child with a mistake writes to a problem in words, stated once more from the words and the text of the sums. */
final class ToldChild
{
    private const TIME = '/12 noon|12 midnight|\d+:\d\d(?: [ap]\.m\.)?/';

    private const LENGTH = '/\d+ h \d+ min|\d+ h|\d+ min/';

    /** @param string $sum one, or several with semicolons between them */
    public static function write(string $words, string $sum, ?string $mistake): ?string
    {
        return match ($mistake) {
            'answers-a-given' => self::given($sum),
            'key-word' => self::byAWord($words, $sum),
            'fence-post' => self::fence($words, $sum) ?? Child::write($sum, $mistake),
            default => Child::write($sum, $mistake),
        };
    }

    /** The last number told of the sort that is asked. */
    private static function given(string $sum): ?string
    {
        $sums = explode('; ', $sum);
        $last = Child::write($sum, null) ?? '';
        $sort = 1 === preg_match(self::TIME, $last) ? self::TIME : self::LENGTH;
        $found = [];
        $given = null;
        foreach ($sums as $one) {
            preg_match_all($sort, $one, $numbers);
            $left = $numbers[0];
            foreach (array_reverse(array_keys($found)) as $i) {
                $place = array_search($found[$i], $left, true);
                if (false !== $place) {
                    unset($left[$place], $found[$i]);
                }
            }
            $given = [] === $left ? $given : end($left);
            $answer = Child::write($one, null) ?? '';
            $found[] = ['12:00 p.m.' => '12 noon', '12:00 a.m.' => '12 midnight'][$answer] ?? $answer;
        }

        return $given;
    }

    private static function byAWord(string $words, string $sum): ?string
    {
        $says = null;
        foreach (preg_split('/[^a-z]+/', strtolower($words)) ?: [] as $word) {
            $says = match ($word) {
                'altogether', 'all', 'total', 'together', 'both', 'more', 'longer', 'later', 'after' => '+',
                'left', 'less', 'shorter', 'earlier', 'before', 'faster', 'sooner', 'remain', 'remains', 'ago' => '-',
                default => $says,
            };
        }

        return null === $says ? null : Child::write($sum, '+' === $says ? 'turns-taking' : 'turns-adding');
    }

    /** "the fourth": four gaps on, where it is three. */
    private static function fence(string $words, string $sum): ?string
    {
        $names = [2 => 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];
        if (1 !== preg_match('/^(\d+) x ([^;]+); (.+) \+ [^;]+$/', $sum, $m)) {
            return null;
        }
        $nth = (int) $m[1] + 1;
        $gaps = Child::write($nth.' x '.$m[2], null);

        return 1 === preg_match('/\b'.($names[$nth] ?? 'none').'\b/', $words) && null !== $gaps ? Child::write($m[3].' + '.$gaps, null) : null;
    }
}
