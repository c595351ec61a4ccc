<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Evidence\Seen;

/**
 * Where on a path a child may stand, as a probability for each place: on place k it can do the first k rungs. Nobody's
 * knowledge is so orderly, so each rung is also looked at by itself: what its own answers say is put over what the
 * place leads to expect. The figures are common practice, no source; `docs/practice.md` shows what they lead to.
 */
final readonly class Place
{
    /** How likely an answer is right: on a rung below, on the one that comes next, on one further up. */
    private const CAN = 0.9;
    private const NEXT = 0.25;
    private const CANNOT = 0.12;

    /** So likely a rung is as the place says. */
    private const ORDERLY = 0.88;

    /** Of what was seen on another day so much is taken to be as it was. */
    private const STILL_SO = 0.85;

    /** A wrong answer that a mistake leads to says less of what it can do; the same mistake a second time says less still. */
    private const BY_MISTAKE = 0.75;
    private const BY_HABIT = 0.35;

    /** From one answer to the next it comes to do it. */
    private const LEARNS = 0.1;

    /** From there on it is taken to be able to. */
    public const CAN_DO = 0.8;

    /**
     * @param non-empty-list<float>     $weights by place, 0 to the number of rungs; they add up to 1
     * @param array<string, list<bool>> $own     by rung: whether its answers were right, the earliest first
     */
    private function __construct(private Path $path, private array $weights, private array $own)
    {
    }

    /**
     * @param array<string, list<Seen>> $before  by rung: answers of earlier days, the earliest first
     * @param list<Practised>           $answers of this practice
     */
    public static function after(Path $path, array $before, array $answers): self
    {
        $logs = [0.0, ...array_map(static fn (): float => 0.0, $path->rungs)];
        $own = [];
        foreach ($before as $rung => $seen) {
            // the last ones say how it is now
            foreach (\array_slice($path->has($rung) ? $seen : [], -6) as $one) {
                $logs = self::weighed($logs, $path->place($rung), $one->right, self::STILL_SO);
                $own[$rung][] = $one->right;
            }
        }
        $times = array_count_values(array_filter(array_map(static fn (Practised $one): string => $one->right ? '' : $one->mistake ?? '', $answers)));
        foreach ($answers as $answer) {
            if ($answer->answered && $path->has($answer->rung)) {
                $often = $answer->right ? 0 : $times[$answer->mistake ?? ''] ?? 0;
                $logs = self::weighed($logs, $path->place($answer->rung), $answer->right, match (true) {
                    0 === $often => 1.0,
                    1 === $often => self::BY_MISTAKE,
                    default => self::BY_HABIT,
                });
                $own[$answer->rung][] = $answer->right;
            }
        }
        $most = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $logs);
        $sum = array_sum($weights);

        return new self($path, array_map(static fn (float $weight): float => $weight / $sum, $weights), $own);
    }

    /**
     * @param non-empty-list<float> $logs
     * @param float                 $sure how much it counts, 0 to 1
     *
     * @return non-empty-list<float>
     */
    private static function weighed(array $logs, int $rung, bool $right, float $sure): array
    {
        return array_map(static function (float $log, int $place) use ($rung, $right, $sure): float {
            $likely = $sure * self::right($place, $rung) + (1 - $sure) * 0.5;

            return $log + log($right ? $likely : 1 - $likely);
        }, $logs, array_keys($logs));
    }

    private static function right(int $place, int $rung): float
    {
        return match (true) {
            $rung < $place => self::CAN,
            $rung === $place => self::NEXT,
            default => self::CANNOT,
        };
    }

    /** The place that is likeliest together with its two neighbours, and a little for itself: nobody stands on one rung alone. */
    public function likeliest(): int
    {
        $best = 0;
        $most = -1.0;
        foreach ($this->weights as $place => $weight) {
            $near = 1.1 * $weight + ($this->weights[$place - 1] ?? 0.0) + ($this->weights[$place + 1] ?? 0.0);
            if ($near > $most + 1e-12) {
                [$most, $best] = [$near, $place];
            }
        }

        return $best;
    }

    /** The highest rung that it can do; null where it stands below the first. */
    public function rung(): ?string
    {
        return $this->path->rungs[$this->likeliest() - 1] ?? null;
    }

    /** How much is not known, in bits: 0 where the place is certain. */
    public function unknown(): float
    {
        $bits = 0.0;
        foreach ($this->weights as $weight) {
            $bits -= $weight > 0 ? $weight * log($weight, 2) : 0.0;
        }

        return $bits;
    }

    /** How likely a child can do what a rung is about, 0 to 1. */
    public function can(string $rung): float
    {
        $at = $this->path->place($rung);
        $above = 0.0;
        foreach ($this->weights as $place => $weight) {
            $above += $place > $at ? $weight : 0.0;
        }
        $can = self::ORDERLY * $above + (1 - self::ORDERLY) * 0.5;
        foreach (\array_slice($this->own[$rung] ?? [], -4) as $right) {
            // the place has heard of it already: it counts for half here
            $likely = $can * self::CAN + (1 - $can) * self::CANNOT;
            $then = $right ? $can * self::CAN / $likely : $can * (1 - self::CAN) / (1 - $likely);
            $can = ($can + $then) / 2;
            $can += (1 - $can) * self::LEARNS * ($right ? 1 : 0.5);
        }

        return $can;
    }

    /** How likely the first answer to a question of a rung is right, 0 to 1. */
    public function chance(string $rung): float
    {
        $can = $this->can($rung);
        $next = ($this->weights[$this->path->place($rung)] ?? 0.0) * (self::NEXT - self::CANNOT);

        return $can * self::CAN + (1 - $can) * self::CANNOT + (1 - $can) * $next;
    }

    /** How much the answer to a question of a rung is expected to tell of the place, in bits (mutual information; C. E. Shannon, 1948). */
    public function tells(string $rung): float
    {
        $at = $this->path->place($rung);
        $right = $each = 0.0;
        foreach ($this->weights as $place => $weight) {
            $likely = self::right($place, $at);
            $right += $weight * $likely;
            $each += $weight * self::bits($likely);
        }

        return self::bits($right) - $each;
    }

    private static function bits(float $p): float
    {
        return $p <= 0.0 || $p >= 1.0 ? 0.0 : -$p * log($p, 2) - (1 - $p) * log(1 - $p, 2);
    }
}
