<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/**
 * How long a turn takes in a class: what is usual, and what the class has been seen to take. The usual value weighs as much
 * as three games; of what was seen the last ten count (common practice, no source).
 */
final readonly class Pace
{
    private const WEIGHT = 3.0;
    private const LAST = 10;

    /** Nothing takes less, or more, seconds. */
    private const LEAST = 0.5;
    private const MOST = 600.0;

    /**
     * @param float                                   $usual seconds a turn
     * @param list<array{turns: int, seconds: float}> $seen  games of the class, the earliest first, without setting up
     */
    public static function of(float $usual, array $seen): float
    {
        $sum = self::WEIGHT * $usual;
        $weight = self::WEIGHT;
        foreach (\array_slice($seen, -self::LAST) as $one) {
            if ($one['turns'] > 0 && $one['seconds'] > 0) {
                $sum += max(self::LEAST, min(self::MOST, $one['seconds'] / $one['turns']));
                ++$weight;
            }
        }

        return $sum / $weight;
    }
}
