<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/**
 * Cards have to be cut out before they are played with: the day before, by the teacher, which is then something to have
 * ready; or by each group in the lesson, which is counted into its minutes. How long a piece takes is common practice, no
 * source.
 */
final class CuttingOut
{
    public const OPTION = 'cut';

    /** Seconds for a piece with straight edges, by a child that shares the scissors of its group. */
    private const BY_A_CHILD = 12.0;

    /** Seconds for a piece, by a teacher who cuts several sheets at once. */
    private const BY_THE_TEACHER = 4.0;

    /** Whether it is cut out before, or in the lesson. */
    public static function option(): Option
    {
        return new Option(self::OPTION, 'The cards are cut out', ['before' => 'the day before', 'lesson' => 'in the lesson']);
    }

    public static function inLesson(Wanted $wanted): bool
    {
        return 'lesson' === ($wanted->options[self::OPTION] ?? 'before');
    }

    /** @return float minutes that it takes of the lesson */
    public static function minutes(Wanted $wanted, int $pieces): float
    {
        return self::inLesson($wanted) ? $pieces * self::BY_A_CHILD / 60 : 0.0;
    }

    /**
     * What must be ready for it.
     *
     * @param int  $pieces of one group
     * @param ?int $all    of all groups, where they have not the same each
     *
     * @return list<Material>
     */
    public static function materials(Wanted $wanted, int $pieces, ?int $all = null): array
    {
        $all ??= $pieces * $wanted->groupCount();
        $minutes = max(5, (int) round($all * self::BY_THE_TEACHER / 300) * 5);

        return self::inLesson($wanted)
            ? [new Material('pairs of scissors', $wanted->groupCount())]
            : [new Material(\sprintf('pieces to cut out the day before, in about %d minutes', $minutes), $all)];
    }

    /** @return list<string> the first step, where it is one */
    public static function steps(Wanted $wanted): array
    {
        return self::inLesson($wanted) ? ['Cut out the cards.'] : [];
    }
}
