<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

/** What parts took, of what was planned for them: the middle of the last lessons, held back while there are few. */
final readonly class Ratios
{
    /** So many lessons of the past count. */
    private const LESSONS = 10;
    /** What was usual weighs as much as so many lessons. */
    private const HELD = 2;
    private const LEAST = 0.5;
    private const MOST = 2.0;

    /**
     * @param array<string, list<array{int, int}>> $took by kind of part, the earliest first: minutes planned, minutes taken
     *
     * @return array<string, float>
     */
    public static function of(array $took): array
    {
        $ratios = [];
        foreach ($took as $kind => $pairs) {
            $seen = [];
            foreach (\array_slice($pairs, -self::LESSONS) as [$planned, $taken]) {
                if ($planned > 0 && $taken > 0) {
                    $seen[] = $taken / $planned;
                }
            }
            if ([] !== $seen) {
                sort($seen);
                $n = \count($seen);
                $middle = ($seen[intdiv($n - 1, 2)] + $seen[intdiv($n, 2)]) / 2;
                $ratios[$kind] = max(self::LEAST, min(self::MOST, ($n * $middle + self::HELD) / ($n + self::HELD)));
            }
        }

        return $ratios;
    }
}
