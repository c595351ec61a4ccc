<?php

declare(strict_types=1);

namespace Rostik\Core\Evidence;

/**
 * What a child can do, by its answers in their order: Bayesian knowledge tracing (A. T. Corbett and J. R. Anderson, "Knowledge
 * tracing: modeling the acquisition of procedural knowledge", User Modeling and User-Adapted Interaction 4, 1995; from memory).
 * A child can do it or cannot; it may come to do it from one answer to the next; who can slips, who cannot is right by chance
 * now and then. Nobody knows how fast one child learns and how often it slips: all of the usual values are taken as equally
 * likely at first, and weighed by the answers themselves, so that what is said is well calibrated for many sorts of children.
 * A little is forgotten, so newer answers weigh more. The values are common practice, no source; `LearningTest` shows what
 * they lead to. What lies further back than the last sixty answers is left out: the next answer is
 * foretold a little better without it (`LearningTest`), and a year's answers are too many to be multiplied.
 */
final class Learning
{
    /** Could do it before the first answer; comes to do it from one to the next; slips; is right though it cannot. */
    private const BEFORE = [0.15, 0.5, 0.85];
    private const LEARNS = [0.02, 0.12, 0.35];
    private const SLIPS = [0.03, 0.1, 0.2];
    private const GUESSES = [0.02, 0.1, 0.3];

    /** Forgotten from one answer to the next. */
    private const FORGETS = 0.01;

    /** From there on a child is called secure, and up to there "not yet". */
    private const SECURE = 0.95;
    private const LIKELY = 0.8;
    private const NOT_YET = 0.4;

    /** Answers and days without which nothing is claimed. */
    private const FEWEST = 2;
    private const DAYS = 2;

    /** So many of the last answers count. */
    public const LAST = 60;

    /** @param list<Seen> $seen the earliest first */
    public static function of(array $seen): Learnt
    {
        $seen = \array_slice($seen, -self::LAST);
        $known = $next = $all = 0.0;
        foreach (self::BEFORE as $before) {
            foreach (self::LEARNS as $learns) {
                foreach (self::SLIPS as $slips) {
                    foreach (self::GUESSES as $guesses) {
                        $can = $before;
                        $likely = 1.0;
                        foreach ($seen as $one) {
                            $right = $can * (1 - $slips) + (1 - $can) * $guesses;
                            $likely *= $one->right ? $right : 1 - $right;
                            $can = $one->right ? $can * (1 - $slips) / $right : $can * $slips / (1 - $right);
                            $can = $can * (1 - self::FORGETS) + (1 - $can) * $learns;
                        }
                        $all += $likely;
                        $known += $likely * $can;
                        $next += $likely * ($can * (1 - $slips) + (1 - $can) * $guesses);
                    }
                }
            }
        }
        $known /= $all;
        $next /= $all;
        $days = \count(array_unique(array_map(static fn (Seen $one): string => $one->day, array_filter($seen, static fn (Seen $one): bool => $one->right))));

        return new Learnt(self::standing($known, $next, \count($seen), $days), $known, $next, \count($seen), $days);
    }

    private static function standing(float $known, float $next, int $answers, int $days): Standing
    {
        return match (true) {
            $answers < self::FEWEST => Standing::NotSeen,
            $known >= self::SECURE && $next >= self::LIKELY && $days >= self::DAYS => Standing::Secure,
            $next < self::NOT_YET => Standing::NotYet,
            default => Standing::OnTheWay,
        };
    }
}
