<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/**
 * How children are taken to answer: the assumptions behind the weighing, each a probability, stated in one place.
 *
 * Before any answer a child is secure, or has one mistake (each that the sums can show as likely as the others), or more
 * than one, or does something else: believes what is in no catalogue, or guesses. A secure child slips now and then, one
 * child more than another; most slips are off by 1, 5 or 10 or by an hour. A child with a mistake gives the mistake's own
 * answer in some part of its chances and is otherwise like a secure child; it may have it in one kind of sum only, and it
 * may have lost it after some answer. Of a child that does something else nothing is known but that it is often wrong,
 * now and then with the very answer of a mistake. Blank and unreadable answers say nothing. The figures are common
 * practice, no source; `rostik simulate` shows what they lead to.
 */
final readonly class Model
{
    /** Shares of children before any answer; they add up to 1. */
    public const SECURE = 0.60;
    public const ONE = 0.25;
    public const MORE = 0.05;
    public const ELSE = 0.10;

    /** So much as a mistake that is looked for on the rung weighs one that the sums happen to show besides. */
    public const UNUSUAL = 0.3;

    /** And so much one that is looked for, and that none of the sums can show. */
    public const HIDDEN = 0.4;

    /** How often a secure child slips, and how many such children there are. */
    private const SLIPS = [[0.04, 0.45], [0.12, 0.45], [0.25, 0.1]];

    /** In what part of its chances a mistake shows, and how many such children there are. */
    public const SHOWN = [[0.95, 0.3], [0.8, 0.4], [0.6, 0.3]];

    /** Of those with a mistake: how many have it in one kind of sum only, and how many lose it from one answer to the next. */
    public const IN_ONE_KIND = 0.15;
    public const LOST = 0.008;

    /** Of those who do something else: how often they are right, how often a wrong answer is that of a mistake, and how many such children there are. */
    private const OTHERS = [[0.02, 0.08, 0.3], [0.02, 0.4, 0.25], [0.3, 0.08, 0.15], [0.3, 0.35, 0.1], [0.6, 0.08, 0.12], [0.6, 0.35, 0.08]];

    /** Share of slips that are off by 1, 5, 10 or an hour; so many ways there are of it, and so many other wrong answers. */
    private const NEAR = 0.7;
    private const NEAR_KINDS = 8;
    private const OTHER_KINDS = 40;

    /** The same of wrong answers that are no slips. */
    private const NEAR_ELSE = 0.12;

    /** How often a child with a mistake slips where it does not give the mistake's answer. */
    private const SLIP = 0.15;

    /**
     * How likely secure children give this answer.
     *
     * @param ?int $few how many wrong answers there can be at all, where there are few: two signs, six days; null for many
     *
     * @return non-empty-list<float> one for each of {@see slips()}
     */
    public function bySecure(bool $right, bool $near, ?int $few = null): array
    {
        return array_map(static fn (array $slip): float => $right ? 1 - $slip[0] : $slip[0] * self::wrong($near, self::NEAR, $few), self::SLIPS);
    }

    /** @return non-empty-list<float> how many secure children there are of each sort */
    public function slips(): array
    {
        return array_column(self::SLIPS, 1);
    }

    /**
     * How likely a child gives this answer in whose sum a mistake shows, but not that of the mistake.
     *
     * @param float $shown in what part of its chances the mistake shows
     * @param ?int  $few   how many wrong answers there can be at all, where there are few
     */
    public function besides(float $shown, bool $right, bool $near, ?int $few = null): float
    {
        return (1 - $shown) * ($right ? 1 - self::SLIP : self::SLIP * self::wrong($near, self::NEAR, $few));
    }

    /**
     * How likely children who do something else give this answer.
     *
     * @param bool $fits    whether it is the answer of some mistake
     * @param int  $answers how many different answers mistakes would lead to
     * @param ?int $few     how many wrong answers there can be at all, where there are few
     *
     * @return non-empty-list<float> one for each of {@see others()}
     */
    public function byOthers(bool $right, bool $fits, bool $near, int $answers, ?int $few = null): array
    {
        return array_map(static fn (array $other): float => match (true) {
            $right => $other[0],
            null !== $few => (1 - $other[0]) / $few,
            $fits => (1 - $other[0]) * $other[1] / max(1, $answers),
            default => (1 - $other[0]) * (0 === $answers ? 1 : 1 - $other[1]) * self::wrong($near, self::NEAR_ELSE, null),
        }, self::OTHERS);
    }

    /** @return non-empty-list<float> how many children there are of each sort that do something else */
    public function others(): array
    {
        return array_column(self::OTHERS, 2);
    }

    private static function wrong(bool $near, float $share, ?int $few): float
    {
        if (null !== $few) {
            return 1 / $few;
        }

        return $near ? $share / self::NEAR_KINDS : (1 - $share) / self::OTHER_KINDS;
    }
}
