<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Time\Unit;

/**
 * Weighs the answers of one child together: the probability that it is secure, that it has each mistake, or two of
 * them. Bayesian updating over these states, in logarithms (T. Bayes, 1763; any textbook of statistics), with the
 * likelihoods of {@see Model}. The answers are taken to be independent once the state is known.
 */
final readonly class Weighing
{
    /** From here on a mistake is worth telling. */
    public const TELL = 0.5;

    /** Two mistakes are undecided where together they are this likely and neither stands out. */
    private const TOGETHER = 0.6;

    public function __construct(private Model $model = new Model())
    {
    }

    /** @param list<Judgement> $judgements */
    public function weigh(array $judgements): Diagnosis
    {
        $states = $this->posterior($judgements);
        $marginal = [];
        foreach ($states as $state => $probability) {
            foreach ('' === $state ? [] : explode('+', $state) as $mistake) {
                $marginal[$mistake] = ($marginal[$mistake] ?? 0.0) + $probability;
            }
        }
        arsort($marginal);
        $undecided = $this->undecided($judgements, $marginal);
        $findings = [];
        foreach ($marginal as $mistake => $probability) {
            $inPair = [] !== array_filter($undecided, static fn (array $pair): bool => \in_array($mistake, $pair, true));
            if ($probability >= self::TELL || ($inPair && $probability >= 0.2)) {
                $findings[] = $this->finding($mistake, $probability, $judgements);
            }
        }

        return new Diagnosis($judgements, $states[''] ?? 1.0, $findings, $undecided);
    }

    /**
     * The probability of each state of the child: '' for secure, "drops-the-carry", "keeps-am-pm+next-hour" for two.
     *
     * @param list<Judgement> $judgements
     *
     * @return array<string, float> adding up to 1
     */
    public function posterior(array $judgements): array
    {
        $answered = array_values(array_filter($judgements, static fn (Judgement $j): bool => Verdict::Blank !== $j->verdict && Verdict::Unreadable !== $j->verdict));
        $can = [];
        $did = [];
        foreach ($answered as $j) {
            foreach ($j->predicted as $id => $given) {
                $can[$id] = true;
            }
            foreach ($j->fits as $id) {
                $did[$id] = ($did[$id] ?? 0) + 1;
            }
        }
        if ([] === $can) {
            return ['' => 1.0];
        }
        $each = (1 - $this->model->secure) * (1 - $this->model->two) / \count($can);
        $logs = ['' => log($this->model->secure)];
        foreach ($can as $id => $yes) {
            $logs[$id] = log($each);
        }
        // two at once are worth thinking of only where each has left an answer of its own
        $left = array_keys($did);
        $pairs = [];
        foreach ($left as $i => $a) {
            foreach (\array_slice($left, $i + 1) as $b) {
                if ($this->leavesItsOwn($a, $b, $answered) && $this->leavesItsOwn($b, $a, $answered)) {
                    $pairs[] = [$a, $b];
                }
            }
        }
        $all = \count($can);
        $forTwo = (1 - $this->model->secure) * $this->model->two / max(1, $all * ($all - 1) / 2);
        foreach ($pairs as [$a, $b]) {
            $logs[$a.'+'.$b] = log($forTwo);
        }
        foreach ($answered as $j) {
            $right = $j->verdict->isRight();
            $secure = log($this->model->bySecure($right, $j->slip || $this->isNear($j)));
            $shows = log($this->model->byMistaken(false, $right, $j->slip));
            $fits = log($this->model->byMistaken(true, $right, false));
            $here = array_flip($j->fits);
            $logs[''] += $secure;
            foreach ($can as $id => $yes) {
                $logs[$id] += !isset($j->predicted[$id]) ? $secure : (isset($here[$id]) ? $fits : $shows);
            }
            foreach ($pairs as [$a, $b]) {
                $logs[$a.'+'.$b] += $this->ofTwo($a, $b, $j, $here, $secure, $shows, $fits);
            }
        }
        $most = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $sum = array_sum($weights);
        $posterior = [];
        foreach ($weights as $state => $weight) {
            $posterior[(string) $state] = $weight / $sum;
        }

        return $posterior;
    }

    /** @param array<string, int> $here */
    private function ofTwo(string $a, string $b, Judgement $j, array $here, float $secure, float $shows, float $fits): float
    {
        $mayA = isset($j->predicted[$a]);
        $mayB = isset($j->predicted[$b]);
        if (!$mayA && !$mayB) {
            return $secure;
        }
        if ($mayA && $mayB && !$j->predicted[$a]->says($j->predicted[$b])) {
            // either of the two habits takes over, as often as the other
            return isset($here[$a]) || isset($here[$b]) ? $fits + log(0.5) : $shows;
        }

        return ($mayA && isset($here[$a])) || ($mayB && isset($here[$b])) ? $fits : $shows;
    }

    /**
     * Whether a mistake explains an answer that the other does not.
     *
     * @param list<Judgement> $answered
     */
    private function leavesItsOwn(string $mistake, string $other, array $answered): bool
    {
        foreach ($answered as $j) {
            if (\in_array($mistake, $j->fits, true) && !\in_array($other, $j->fits, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a wrong answer that a mistake explains could as well be a slip: off by just an hour, or 5 or 10. */
    private function isNear(Judgement $j): bool
    {
        if ([] === $j->fits) {
            return false;
        }
        $given = $j->given;
        $expected = $j->expected;
        $off = match (true) {
            $given instanceof GivenTime && $expected instanceof GivenTime => null === $given->minutes() || null === $expected->minutes() ? null : abs($given->minutes() - $expected->minutes()),
            $given instanceof GivenLength && $expected instanceof GivenLength && !$given->overflows() => null === $given->count() || null === $expected->count() ? null : intdiv(abs($given->count() - $expected->count()), Unit::Minute->size()),
            default => null,
        };

        return \in_array($off, [1, 5, 10, 60], true);
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
    private function finding(string $mistake, float $probability, array $judgements): Finding
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

        return new Finding($mistake, $probability, $for, $against);
    }
}
