<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Learnt;
use Rostik\Core\Evidence\Picture;
use Rostik\Core\Evidence\Pupil;
use Rostik\Core\Evidence\Seen;
use Rostik\Core\Evidence\Standing;
use Rostik\Core\Weighing\Diagnosis;
use Rostik\Core\Weighing\Finding;

/**
 * What was seen of a child, as it is kept: how it stands and what may be behind it (the brief), and with it the answers that
 * are shown behind each claim (the whole).
 */
final readonly class SeenOfChild
{
    /** So many answers are shown behind a rung, and behind a cause. */
    private const SHOWN = 8;
    private const BEHIND_A_CAUSE = 24;

    /** So many answers of each rung are what the choice of the next question rests on. */
    private const HISTORY = 12;

    /**
     * @param Picture                                  $picture   without the answers themselves; findings speak of places among those shown
     * @param int                                      $count     answers in all
     * @param array<string, ?Standing>                 $before    by rung: how it stood before the last day
     * @param array<string, int>                       $times     by mistake: answers that fit
     * @param array<string, int>                       $against   and those that speak against it
     * @param list<AnswerSeenReply>                    $shown     answers behind what is said, the earliest first; none in the brief
     * @param array<string, list<array{bool, string}>> $histories by rung: right or not, and when, the earliest first; none in the brief
     */
    private function __construct(public Picture $picture, public int $count, public array $before, public array $times, public array $against, public array $shown = [], public array $histories = [])
    {
    }

    public static function nothing(string $id): self
    {
        return new self(new Picture(new Pupil($id, []), new Diagnosis([], null, 0.0, 0, [], [], []), [], []), 0, [], [], []);
    }

    /** @param list<AnswerSeenReply> $answers all of the picture's, the earliest first */
    public static function of(Picture $picture, array $answers): self
    {
        $behind = array_map(static fn (array $places): array => \array_slice($places, -self::SHOWN), $picture->answers);
        $findings = $picture->diagnosis->findings;
        $places = array_map(static fn (Finding $one): array => \array_slice($picture->placesOf($one->evidence), -self::BEHIND_A_CAUSE), $findings);
        $wanted = array_unique(array_merge([], ...array_values($behind), ...$places));
        sort($wanted);
        $at = array_flip($wanted);
        $histories = $before = [];
        foreach ($picture->answers as $rung => $of) {
            $own = array_values(array_filter(array_map(static fn (int $i): ?AnswerSeenReply => $answers[$i] ?? null, $of)));
            $before[$rung] = self::before($own);
            $histories[$rung] = \array_slice(array_map(static fn (AnswerSeenReply $one): array => [true === $one->right, $one->on], array_values(array_filter($own, static fn (AnswerSeenReply $one): bool => null !== $one->right))), -self::HISTORY);
        }
        $times = $against = [];
        foreach ($findings as $one) {
            $times[$one->mistake] = \count($one->evidence);
            $against[$one->mistake] = \count($one->against);
        }

        return new self(
            self::picture($picture->pupil->id, $picture->diagnosis->answered, array_map(static fn (Finding $one, array $of): Finding => new Finding($one->mistake, $one->probability, self::moved($of, $at), [], $one->perhaps, $one->lately), $findings, $places), $picture->rungs, array_map(static fn (array $of): array => self::moved($of, $at), $behind)),
            \count($answers),
            $before,
            $times,
            $against,
            array_map(static fn (int $i): AnswerSeenReply => $answers[$i], $wanted),
            $histories,
        );
    }

    /**
     * @param list<Finding>            $findings
     * @param array<string, Learnt>    $rungs
     * @param array<string, list<int>> $behind
     */
    private static function picture(string $id, int $answered, array $findings, array $rungs, array $behind): Picture
    {
        return new Picture(new Pupil($id, []), new Diagnosis([], null, 0.0, $answered, [], $findings, []), $rungs, $behind);
    }

    /**
     * @param list<int>       $places
     * @param array<int, int> $at     where each is now
     *
     * @return list<int>
     */
    private static function moved(array $places, array $at): array
    {
        return array_map(static fn (int $place): int => $at[$place] ?? 0, $places);
    }

    /**
     * How the child stood by the answers before the last day.
     *
     * @param list<AnswerSeenReply> $own of the rung
     */
    private static function before(array $own): ?Standing
    {
        $last = [] === $own ? '' : $own[\count($own) - 1]->on;
        $seen = array_map(static fn (AnswerSeenReply $one): Seen => new Seen(true === $one->right, $one->on), array_values(array_filter($own, static fn (AnswerSeenReply $one): bool => $one->on < $last && null !== $one->right)));

        return [] === $seen ? null : \Rostik\Core\Evidence\Learning::of($seen)->standing;
    }

    /** @return array<mixed> */
    public function brief(): array
    {
        $rungs = $findings = [];
        foreach ($this->picture->rungs as $rung => $one) {
            $rungs[$rung] = [$one->standing->value, round($one->known, 6), round($one->next, 6), $one->answers, $one->days, ($this->before[$rung] ?? null)?->value];
        }
        foreach ($this->picture->diagnosis->findings as $one) {
            $findings[] = [$one->mistake, round($one->probability, 6), $this->times[$one->mistake] ?? 0, $this->against[$one->mistake] ?? 0, $one->perhaps, $one->lately, $one->evidence];
        }

        return ['count' => $this->count, 'answered' => $this->picture->diagnosis->answered, 'rungs' => $rungs, 'findings' => $findings];
    }

    /** @return array<mixed> what the brief does not have */
    public function whole(): array
    {
        return [
            'behind' => $this->picture->answers,
            'shown' => array_map(static fn (AnswerSeenReply $one): array => [$one->on, $one->from, $one->asked, $one->given, $one->right], $this->shown),
        ];
    }

    /**
     * @param array<mixed> $brief
     * @param array<mixed> $whole     empty where only the brief is wanted
     * @param array<mixed> $histories empty where they are not wanted
     */
    public static function kept(string $id, array $brief, array $whole = [], array $histories = []): self
    {
        /** @var array{count: int, answered: int, rungs: array<string, array{string, float, float, int, int, ?string}>, findings: list<array{string, float, int, int, bool, bool, list<int>}>} $brief */
        /** @var array{behind?: array<string, list<int>>, shown?: list<array{string, string, string, string, ?bool}>} $whole */
        /** @var array<string, list<array{bool, string}>> $histories */
        $rungs = $before = $times = $against = $findings = [];
        foreach ($brief['rungs'] as $rung => [$standing, $known, $next, $answers, $days, $earlier]) {
            $rungs[$rung] = new Learnt(Standing::from($standing), $known, $next, $answers, $days);
            $before[$rung] = null === $earlier ? null : Standing::from($earlier);
        }
        foreach ($brief['findings'] as [$mistake, $probability, $for, $not, $perhaps, $lately, $places]) {
            $findings[] = new Finding($mistake, $probability, $places, [], $perhaps, $lately);
            [$times[$mistake], $against[$mistake]] = [$for, $not];
        }

        return new self(
            self::picture($id, $brief['answered'], $findings, $rungs, $whole['behind'] ?? []),
            $brief['count'],
            $before,
            $times,
            $against,
            array_map(static fn (array $one): AnswerSeenReply => new AnswerSeenReply(...$one), $whole['shown'] ?? []),
            $histories,
        );
    }
}
