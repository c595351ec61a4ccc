<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Skill\Dice;

/** Clocks to be read or set by the whole class. */
final class Clocks
{
    /** One in so many is of what was learnt before. */
    private const OLDER = 4;

    /**
     * Times of which no two are the same, mostly of what is being learnt, and some of what came before it.
     *
     * @return list<int> minutes since 12, 0 to 719; fewer than wanted where there are no more
     */
    public static function draw(Fineness $fineness, int $count, int $seed): array
    {
        $dice = new Dice($seed);
        $own = self::times($fineness, $dice);
        $older = null === $fineness->before() ? [] : self::times($fineness->before(), $dice);
        $found = [];
        for ($i = 1; \count($found) < $count && [] !== $own; ++$i) {
            $found[] = 0 === $i % self::OLDER && [] !== $older ? array_shift($older) : array_shift($own);
        }

        return $found;
    }

    /** @return list<int> all of this fineness, shuffled */
    private static function times(Fineness $fineness, Dice $dice): array
    {
        $all = [];
        foreach (range(0, 11) as $hour) {
            foreach ($fineness->minutes() as $minute) {
                $all[] = 60 * $hour + $minute;
            }
        }

        return $dice->shuffle($all);
    }
}
