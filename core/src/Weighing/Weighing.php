<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Judging\GivenSign;
use Rostik\Core\Judging\GivenWord;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;

/**
 * Weighs the answers of one child together: the probability that it is secure, that it has each mistake, or several of
 * them, that it had one and has lost it, that it does something else. Bayesian updating over these states, in logarithms
 * (T. Bayes, 1763; any textbook of statistics), with the likelihoods of {@see Model}. The answers are taken to be
 * independent once the state is known.
 */
final readonly class Weighing
{
    /** From here on a mistake is worth telling. */
    public const TELL = 0.5;

    /** Two mistakes are undecided where together they are this likely and neither stands out. */
    private const TOGETHER = 0.6;

    /** Mistakes that are thought of together: those that explain most, and so many at once. */
    private const CANDIDATES = 6;
    private const AT_ONCE = 3;

    public function __construct(private Model $model = new Model())
    {
    }

    /**
     * @param list<Judgement>     $judgements in the order in which they were given
     * @param array<string, true> $usual      mistakes that are looked for where such sums are learned
     */
    public function weigh(array $judgements, array $usual = []): Diagnosis
    {
        $answered = \count(self::answered($judgements));
        $states = $this->states($judgements, $usual);
        $now = $states->each();
        arsort($now);
        $undecided = $this->undecided($judgements, $now);
        $findings = [];
        foreach ($now as $mistake => $probability) {
            $inPair = [] !== array_filter($undecided, static fn (array $pair): bool => \in_array($mistake, $pair, true));
            if ($probability >= self::TELL || ($inPair && $probability >= 0.2)) {
                $findings[] = $this->finding($mistake, $probability, true, $judgements);
            }
        }
        foreach ($states->earlier as $mistake => $probability) {
            $ever = $probability + ($now[$mistake] ?? 0.0);
            if ($ever >= self::TELL && ($now[$mistake] ?? 0.0) < self::TELL) {
                $findings[] = $this->finding($mistake, $ever, false, $judgements);
            }
        }

        return new Diagnosis(
            $judgements,
            0 === $answered ? null : $states->secureNow(),
            $states->else,
            $answered,
            self::unexplained($judgements, $findings),
            $findings,
            $undecided,
        );
    }

    /**
     * @param list<Judgement>     $judgements in the order in which they were given
     * @param array<string, true> $usual      mistakes that are looked for where such sums are learned
     */
    public function states(array $judgements, array $usual = []): States
    {
        $answers = self::answered($judgements);
        $secure = $else = $bySecure = [];
        $slips = $this->model->slips();
        $can = [];
        foreach ($answers as $j) {
            $right = $j->verdict->isRight();
            $few = self::few($j);
            $secure[] = $one = $this->model->bySecure($right, $j->near, $few);
            $bySecure[] = log(self::mean($one, $slips));
            $else[] = $this->model->byOthers($right, [] !== $j->fits, $j->near, \count(array_unique(array_map(static fn ($given): string => $given->text(), $j->predicted))), $few);
            $can += $j->predicted;
        }
        $logs = ['' => log(Model::SECURE) + self::mixed($secure, $slips), '?' => log(Model::ELSE) + self::mixed($else, $this->model->others())];
        $earlier = $hidden = [];
        $does = $this->candidates($answers);
        // a mistake that these sums cannot show is one that the child may have all the same
        /** @var array<string, float> $weights */
        $weights = array_fill_keys(array_keys($usual), 1.0) + array_fill_keys(array_keys($can), [] === $usual ? 1.0 : Model::UNUSUAL);
        $all = max(1.0, array_sum($weights));
        foreach ($weights as $mistake => $weight) {
            $log = log(Model::ONE * $weight / $all);
            if (!isset($can[$mistake])) {
                $hidden[] = $log + log(Model::HIDDEN) + $logs[''] - log(Model::SECURE);
                continue;
            }
            [$logs[$mistake], $lost] = $this->ofOne((string) $mistake, $answers, $bySecure, isset($does[$mistake]));
            $logs[$mistake] += $log;
            if (null !== $lost) {
                $earlier[$mistake] = $lost + $log;
            }
        }
        $count = max(2, \count($can));
        $logs['-'] = [] === $hidden ? -\INF : self::logOfSum($hidden);
        $sets = self::sets(\array_slice(array_keys($does), 0, self::CANDIDATES), $answers);
        foreach ($sets as $set) {
            $logs[implode('+', $set)] = log(Model::MORE / ($count * ($count - 1) / 2) * (2 === \count($set) ? 0.8 : 0.2)) + $this->ofSeveral($set, $answers, $bySecure);
        }
        $most = max([...array_values($logs), ...array_values($earlier)]);
        $sum = 0.0;
        foreach ([...array_values($logs), ...array_values($earlier)] as $log) {
            $sum += exp($log - $most);
        }
        $share = static fn (float $log): float => exp($log - $most) / $sum;
        $now = array_map($share, $logs);
        [$none, $other] = [$now[''], $now['?']];
        unset($now[''], $now['?'], $now['-']);

        return new States($none, $other, $now, array_map($share, $earlier));
    }

    /**
     * The logarithm of how likely the answers are of a child with that mistake, and of one that had it and has lost it.
     *
     * @param list<Judgement> $answers
     * @param list<float>     $bySecure logarithms
     * @param bool            $did      whether any answer is its own; without one there is no more to think of
     *
     * @return array{float, ?float}
     */
    private function ofOne(string $mistake, array $answers, array $bySecure, bool $did): array
    {
        $all = [];
        $lost = [];
        $count = \count($answers);
        $kinds = $did ? array_values(array_unique(array_map(static fn (Judgement $j): string => $j->kind, array_filter($answers, static fn (Judgement $j): bool => isset($j->predicted[$mistake]))))) : [];
        $scopes = \count($kinds) > 1 ? [[null, 1 - Model::IN_ONE_KIND], ...array_map(static fn (string $kind): array => [$kind, Model::IN_ONE_KIND / \count($kinds)], $kinds)] : [[null, 1.0]];
        foreach (Model::SHOWN as [$shown, $weight]) {
            foreach ($scopes as [$only, $part]) {
                // before and after each answer: with the mistake up to there, without it from there on
                $with = [0.0];
                $chances = [];
                foreach ($answers as $i => $j) {
                    $shows = isset($j->predicted[$mistake]) && (null === $only || $only === $j->kind);
                    $with[] = $with[$i] + ($shows ? log(\in_array($mistake, $j->fits, true) ? $shown : $this->model->besides($shown, $j->verdict->isRight(), $j->near, self::few($j))) : $bySecure[$i]);
                    if ($shows) {
                        $chances[] = $i;
                    }
                }
                // it can be lost between its first chance and its last
                $first = $did ? $chances[0] ?? $count : $count;
                $last = $chances[\count($chances) - 1] ?? 0;
                $all[] = $with[$count] + log($weight * $part * max(0.5, 1 - Model::LOST * max(0, $last - $first)));
                $after = 0.0;
                for ($i = $count - 1; $i > $first; --$i) {
                    $after += $bySecure[$i];
                    if ($i <= $last) {
                        $lost[] = $with[$i] + $after + log($weight * $part * Model::LOST);
                    }
                }
            }
        }

        return [self::logOfSum($all), [] === $lost ? null : self::logOfSum($lost)];
    }

    /**
     * @param list<string>    $set
     * @param list<Judgement> $answers
     * @param list<float>     $bySecure logarithms
     */
    private function ofSeveral(array $set, array $answers, array $bySecure): float
    {
        $all = [];
        foreach (Model::SHOWN as [$shown, $weight]) {
            $log = log($weight);
            foreach ($answers as $i => $j) {
                $different = [];
                $fits = false;
                foreach ($set as $mistake) {
                    if (isset($j->predicted[$mistake])) {
                        $different[$j->predicted[$mistake]->text()] = true;
                        $fits = $fits || \in_array($mistake, $j->fits, true);
                    }
                }
                // any of the habits takes over, as often as the others
                $log += [] === $different ? $bySecure[$i] : log($fits ? $shown / \count($different) : $this->model->besides($shown, $j->verdict->isRight(), $j->near, self::few($j)));
            }
            $all[] = $log;
        }

        return self::logOfSum($all);
    }

    /** How many wrong answers there can be at all: two signs, six days, the other orders of two or three; null for many. */
    private static function few(Judgement $j): ?int
    {
        $expected = $j->expected;

        return match (true) {
            $expected instanceof GivenSign => 2,
            $expected instanceof GivenWord => \in_array($expected->word, ['yes', 'no'], true) ? 1 : 6,
            $expected instanceof GivenOrder => match (\count($expected->positions)) {
                2 => 1,
                3 => 5,
                default => null,
            },
            default => null,
        };
    }

    /**
     * Mistakes of which some answer is the very answer, those with the most first.
     *
     * @param list<Judgement> $answers
     *
     * @return array<string, int>
     */
    private function candidates(array $answers): array
    {
        $did = [];
        foreach ($answers as $j) {
            foreach ($j->fits as $id) {
                $did[$id] = ($did[$id] ?? 0) + 1;
            }
        }
        arsort($did);

        return $did;
    }

    /**
     * Several at once are worth thinking of only where each explains an answer that none of the others does.
     *
     * @param list<string>    $candidates
     * @param list<Judgement> $answers
     *
     * @return list<list<string>>
     */
    private static function sets(array $candidates, array $answers): array
    {
        $sets = array_map(static fn (string $one): array => [$one], $candidates);
        $found = [];
        for ($size = 2; $size <= self::AT_ONCE; ++$size) {
            $larger = [];
            foreach ($sets as $set) {
                foreach (\array_slice($candidates, 1 + (int) array_search($set[\count($set) - 1], $candidates, true)) as $one) {
                    $more = [...$set, $one];
                    if (self::eachLeavesItsOwn($more, $answers)) {
                        $larger[] = $more;
                    }
                }
            }
            array_push($found, ...$larger);
            $sets = $larger;
        }

        return $found;
    }

    /**
     * @param list<string>    $set
     * @param list<Judgement> $answers
     */
    private static function eachLeavesItsOwn(array $set, array $answers): bool
    {
        $own = [];
        foreach ($answers as $j) {
            $of = array_values(array_intersect($set, $j->fits));
            if (1 === \count($of)) {
                $own[$of[0]] = true;
            }
        }

        return \count($own) === \count($set);
    }

    /**
     * @param list<Judgement> $judgements
     *
     * @return list<Judgement> without those that say nothing
     */
    private static function answered(array $judgements): array
    {
        return array_values(array_filter($judgements, static fn (Judgement $j): bool => Verdict::Blank !== $j->verdict && Verdict::Unreadable !== $j->verdict));
    }

    /**
     * Wrong answers that neither a finding nor a slip explains.
     *
     * @param list<Judgement> $judgements
     * @param list<Finding>   $findings
     *
     * @return list<int> places, from 0
     */
    private static function unexplained(array $judgements, array $findings): array
    {
        $explained = [];
        foreach ($findings as $finding) {
            $explained += array_flip($finding->evidence);
        }

        return array_values(array_filter(array_keys($judgements), static fn (int $i): bool => Verdict::Wrong === $judgements[$i]->verdict && !$judgements[$i]->near && !isset($explained[$i])));
    }

    /**
     * @param list<Judgement>      $judgements
     * @param array<string, float> $marginal
     *
     * @return list<array{string, string}>
     */
    private function undecided(array $judgements, array $marginal): array
    {
        $likely = array_keys(array_filter($marginal, static fn (float $p): bool => $p >= 0.15 && $p < 0.85));
        $pairs = [];
        foreach ($likely as $i => $a) {
            foreach (\array_slice($likely, $i + 1) as $b) {
                if ($marginal[$a] + $marginal[$b] < self::TOGETHER || max($marginal[$a], $marginal[$b]) > 3 * min($marginal[$a], $marginal[$b])) {
                    continue;
                }
                // the two agree wherever either showed
                $differ = false;
                foreach ($judgements as $j) {
                    $differ = $differ || (\in_array($a, $j->fits, true) xor \in_array($b, $j->fits, true));
                }
                if (!$differ) {
                    $pairs[] = [$a, $b];
                }
            }
        }

        return $pairs;
    }

    /** @param list<Judgement> $judgements */
    private function finding(string $mistake, float $probability, bool $lately, array $judgements): Finding
    {
        $for = [];
        $against = [];
        foreach ($judgements as $i => $j) {
            if (\in_array($mistake, $j->fits, true)) {
                $for[] = $i;
            } elseif (isset($j->predicted[$mistake]) && $j->verdict->isRight()) {
                $against[] = $i;
            }
        }

        return new Finding($mistake, $probability, $for, $against, \count($for) < 2 || $probability < self::TELL, $lately);
    }

    /**
     * The logarithm of how likely all answers are together, of children of several sorts.
     *
     * @param list<non-empty-list<float>> $answers by sort
     * @param non-empty-list<float>       $weights of the sorts
     */
    private static function mixed(array $answers, array $weights): float
    {
        $logs = array_map(log(...), $weights);
        foreach ($answers as $answer) {
            foreach ($answer as $sort => $likely) {
                $logs[$sort] += log($likely);
            }
        }

        return self::logOfSum($logs);
    }

    /**
     * @param non-empty-list<float> $values
     * @param non-empty-list<float> $weights that add up to 1
     */
    private static function mean(array $values, array $weights): float
    {
        $mean = 0.0;
        foreach ($values as $i => $value) {
            $mean += $value * ($weights[$i] ?? 0.0);
        }

        return $mean;
    }

    /** @param non-empty-array<float> $logs */
    private static function logOfSum(array $logs): float
    {
        $most = max($logs);
        $sum = 0.0;
        foreach ($logs as $log) {
            $sum += exp($log - $most);
        }

        return $most + log($sum);
    }
}
