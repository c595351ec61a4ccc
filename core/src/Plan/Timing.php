<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Activity\NoSuchActivity;

/** What the parts of a lesson really take, in minutes. The minutes of a sum at the board are common practice, no source. */
final readonly class Timing
{
    private const EXPLAINED = 4.0;
    private const TOGETHER = 3.0;
    private const LOOKED_BACK = 4.0;
    private const TIDIED = 2.0;
    /** Until every child has its sheet. */
    private const HANDED_OUT = 2.0;
    /** Until every child has its ticket. */
    private const TICKET_GIVEN = 1.0;

    public function __construct(private Playing $playing)
    {
    }

    /** What it has in the lesson: as many minutes as the teacher gives it, or else as it takes. */
    public function minutes(Part $part, Facts $facts): int
    {
        return $part->minutes ?? $this->takes($part, $facts)->minutes;
    }

    /** @param list<Part> $parts */
    public function all(array $parts, Facts $facts): int
    {
        return array_sum(array_map(fn (Part $part): int => $this->minutes($part, $facts), $parts));
    }

    public function takes(Part $part, Facts $facts): Takes
    {
        if (null !== $part->activity) {
            try {
                $planned = $this->playing->planned($part->activity, $part->group, $part->options, $part->level, $part->seed, $facts);

                return new Takes(max(1, (int) round($planned->minutes->expected)), $planned->minutes->said());
            } catch (NoSuchActivity) {
                // one that is not there any more takes what the teacher gives it
                return new Takes(0, 'this activity is not there any more');
            }
        }
        $sums = \count($part->sums);
        [$minutes, $said] = match ($part->kind) {
            PartKind::LookBack => [self::LOOKED_BACK * max(1, $sums), self::each($sums, 'question', self::LOOKED_BACK)],
            PartKind::Explain => [self::EXPLAINED * max(1, $sums), self::each($sums, 'sum', self::EXPLAINED)],
            PartKind::Together => [self::TOGETHER * max(1, $sums), self::each($sums, 'sum', self::TOGETHER)],
            PartKind::OnYourOwn => [self::HANDED_OUT + $part->questions * $facts->seconds / 60, self::asked($part->questions, $facts, self::HANDED_OUT)],
            PartKind::Ticket => [self::TICKET_GIVEN + $part->questions * $facts->seconds / 60, self::asked($part->questions, $facts, self::TICKET_GIVEN)],
            PartKind::TidyUp, PartKind::WarmUp, PartKind::Activity => [self::TIDIED, 'as usual'],
        };
        $ratio = $facts->ratio($part->kind);

        return new Takes(max(1, (int) round($minutes * $ratio)), $said.(abs($ratio - 1) < 0.05 ? '' : ', as long as it took before'));
    }

    /** So many questions are answered in so many minutes. */
    public function questionsIn(int $minutes, PartKind $kind, Facts $facts): int
    {
        $given = PartKind::Ticket === $kind ? self::TICKET_GIVEN : self::HANDED_OUT;

        return max(0, (int) floor(($minutes / $facts->ratio($kind) - $given) * 60 / $facts->seconds));
    }

    private static function each(int $count, string $what, float $minutes): string
    {
        return $count < 2 ? \sprintf('one %s', $what) : \sprintf('%d %ss of %d minutes', $count, $what, (int) $minutes);
    }

    private static function asked(int $questions, Facts $facts, float $given): string
    {
        return \sprintf('%d %s of %d seconds, and %s to give them out', $questions, 1 === $questions ? 'question' : 'questions', (int) round($facts->seconds), 1.0 === $given ? 'a minute' : '2 minutes');
    }
}
