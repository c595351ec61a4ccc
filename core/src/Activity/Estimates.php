<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/**
 * Tries to feel a length of time, as a class sees them together. Times in tenths of a second. The spread is told by the
 * quartiles, as the medians of the lower and of the upper half (hinges; J. W. Tukey, Exploratory Data Analysis, 1977, from memory).
 */
final readonly class Estimates
{
    private const MOST_BARS = 12;

    /** Widths of bars, in tenths. */
    private const WIDTHS = [10, 20, 50, 100, 200, 300, 600];

    /** @param list<int> $tries the shortest first */
    private function __construct(private array $tries, public int $target, public int $exactly)
    {
    }

    /**
     * @param list<int> $tries   tenths of a second, 0 or more
     * @param int       $target  tenths of a second
     * @param int       $exactly off by no more tenths counts as exactly
     */
    public static function of(array $tries, int $target, int $exactly): self
    {
        sort($tries);

        return new self($tries, $target, $exactly);
    }

    public function count(): int
    {
        return \count($this->tries);
    }

    public function under(): int
    {
        return \count(array_filter($this->tries, fn (int $one): bool => $one < $this->target - $this->exactly));
    }

    public function over(): int
    {
        return \count(array_filter($this->tries, fn (int $one): bool => $one > $this->target + $this->exactly));
    }

    public function exactly(): int
    {
        return $this->count() - $this->under() - $this->over();
    }

    /** Tenths of a second, to a half; null without a try. */
    public function median(): ?float
    {
        return self::middle($this->tries);
    }

    /** @return ?array{float, float} between which half of the tries lie; null for fewer than four */
    public function half(): ?array
    {
        $half = intdiv($this->count() + 1, 2);
        $low = self::middle(\array_slice($this->tries, 0, $half));
        $high = self::middle(\array_slice($this->tries, -$half));

        return $this->count() < 4 || null === $low || null === $high ? null : [$low, $high];
    }

    /** How far a try in the middle of them was off, in tenths of a second; null without a try. */
    public function off(): ?float
    {
        $off = array_map(fn (int $one): int => abs($one - $this->target), $this->tries);
        sort($off);

        return self::middle($off);
    }

    /** @return list<Bar> side by side, the target at the edge of one */
    public function bars(): array
    {
        if ([] === $this->tries) {
            return [];
        }
        $least = min($this->tries[0], $this->target);
        $most = max($this->tries[$this->count() - 1], $this->target);
        foreach (self::WIDTHS as $width) {
            $first = $this->target - $width * (int) ceil(($this->target - $least) / $width);
            $bars = intdiv($most - $first, $width) + 1;
            if ($bars <= self::MOST_BARS) {
                break;
            }
        }
        $all = [];
        for ($from = $first; $from <= $most && \count($all) < 400; $from += $width) {
            $all[] = new Bar($from, $from + $width, \sprintf('%s to %s s', self::short($from), self::short($from + $width)), \count(array_filter($this->tries, static fn (int $one): bool => $one >= $from && $one < $from + $width)));
        }

        return $all;
    }

    /** @return list<string> what there is to see, as a child understands it */
    public function said(): array
    {
        $median = $this->median();
        if (null === $median) {
            return [];
        }
        $said = [\sprintf('In order of length, the one in the middle is %s s.', self::tenths($median))];
        $half = $this->half();
        if (null !== $half) {
            $said[] = \sprintf('Half of all tries lie between %s s and %s s.', self::tenths($half[0]), self::tenths($half[1]));
        }
        $lean = $this->under() <=> $this->over();
        $said[] = match (true) {
            $this->count() === $this->exactly() => 'Every one was exactly right.',
            $lean > 0 => 'More stopped too early than too late: to us the time feels longer than it is.',
            $lean < 0 => 'More stopped too late than too early: to us the time feels shorter than it is.',
            default => 'As many stopped too early as too late.',
        };

        return $said;
    }

    /**
     * Beside earlier tries at the same length.
     *
     * @param string $when "Monday"
     */
    public function since(self $earlier, string $when): ?string
    {
        $now = $this->off();
        $then = $earlier->off();
        if (null === $now || null === $then || $earlier->target !== $this->target) {
            return null;
        }
        if (abs($now - $then) < 1) {
            return \sprintf('As near as on %s: a try in the middle was %s s off then, too.', $when, self::tenths($then));
        }

        return \sprintf($now < $then ? 'Nearer than on %s: a try in the middle was %s s off then, and is %s s now.' : 'Not as near as on %s: a try in the middle was %s s off then, and is %s s now.', $when, self::tenths($then), self::tenths($now));
    }

    /** @param list<int> $sorted */
    private static function middle(array $sorted): ?float
    {
        $count = \count($sorted);

        return 0 === $count ? null : ($sorted[intdiv($count - 1, 2)] + $sorted[intdiv($count, 2)]) / 2;
    }

    /** 27.4, or 27.45 where it lies between two */
    private static function tenths(float $tenths): string
    {
        return number_format($tenths / 10, fmod($tenths, 1.0) > 0 ? 2 : 1, '.', '');
    }

    private static function short(int $tenths): string
    {
        return 0 === $tenths % 10 ? (string) intdiv($tenths, 10) : self::tenths($tenths);
    }
}
