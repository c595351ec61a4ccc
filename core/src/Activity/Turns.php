<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** How many turns a game has: how likely each number of them is. */
final readonly class Turns
{
    /**
     * @param non-empty-list<float> $tail  by number of turns from 0: how likely it takes more
     * @param ?float                $error standard error of the expectation, where games were played to find it; null where it was computed
     */
    private function __construct(private array $tail, public ?float $error)
    {
    }

    public static function fixed(int $turns): self
    {
        return new self([...array_fill(0, max(0, $turns), 1.0), 0.0], null);
    }

    /**
     * @param list<float> $tail by number of turns from 0: how likely it takes more; the last is as good as 0
     */
    public static function ofTail(array $tail): self
    {
        return new self([] === $tail ? [0.0] : $tail, null);
    }

    /**
     * As games came out that were played.
     *
     * @param non-empty-array<int, int> $games how many took so many turns
     */
    public static function played(array $games): self
    {
        $all = array_sum($games);
        $tail = [];
        foreach (range(0, max(array_keys($games))) as $turns) {
            $tail[] = (float) array_sum(array_filter($games, static fn (int $took): bool => $took > $turns, \ARRAY_FILTER_USE_KEY)) / max(1, $all);
        }
        $exact = new self($tail, null);

        return new self($tail, $exact->spread() / sqrt(max(1, $all)));
    }

    public function expected(): float
    {
        return array_sum($this->tail);
    }

    /** Standard deviation. */
    public function spread(): float
    {
        $squares = 0.0;
        foreach ($this->tail as $turns => $more) {
            $squares += (2 * $turns + 1) * $more;
        }

        return sqrt(max(0.0, $squares - $this->expected() ** 2));
    }

    /** @param float $share of the games, 0 to 1, that have ended within the turns that are answered */
    public function within(float $share): int
    {
        foreach ($this->tail as $turns => $more) {
            if ($more <= 1 - $share + 1e-12) {
                return $turns;
            }
        }

        return \count($this->tail) - 1;
    }

    public function isChance(): bool
    {
        return $this->spread() > 1e-9;
    }

    /** Until the last of so many such games that are played side by side has ended. */
    public function last(int $games): self
    {
        return new self(array_map(static fn (float $more): float => 1 - (1 - $more) ** max(1, $games), $this->tail), $this->error);
    }

    /**
     * Until the first of so many players is there, who take turns; each would need as many turns of its own as this says.
     * It counts the turns of all.
     */
    public function first(int $players): self
    {
        $tail = [1.0];
        for ($own = 1, $most = \count($this->tail); $own < $most; ++$own) {
            [$before, $now] = [$this->tail[$own - 1], $this->tail[$own]];
            for ($moved = 1; $moved <= $players; ++$moved) {
                $tail[] = $now ** $moved * $before ** ($players - $moved);
            }
        }

        return new self($tail, $this->error);
    }
}
