<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;

/** Which sums a problem may mean that was not surely read, for its writer to choose from. */
final readonly class Alternatives
{
    /** The most that are offered. */
    private const MOST = 4;

    public function __construct(private Operations $operations)
    {
    }

    /**
     * @param list<Sum> $guess   what it was taken for; may be empty
     * @param string    $telling patterns of all that is told
     *
     * @return list<Sum> one sum each, or several in turn; the likeliest first
     */
    public function of(array $guess, Known $known, Asked $wanted, string $telling, Sentence $ask): array
    {
        $open = array_keys(array_filter($known->times, static fn (StatedTime $time): bool => !$time->halfSaid));
        $found = [];
        if ([] !== $open) {
            foreach (self::settled($known, $open) as $settled) {
                try {
                    $sums = $this->operations->sums($wanted, $settled, $telling, $ask);
                } catch (CannotBeDone|MixedChains|TooLong) {
                    $sums = null;
                }
                $found = [...$found, ...(null !== $sums ? [$sums] : $this->byHand($settled))];
            }
        } else {
            $found = [...([] === $guess ? [] : [$guess]), ...$this->byHand($known)];
        }

        return $this->whole($found);
    }

    /**
     * With a.m. or p.m. for every time that has neither, on one day before over midnight.
     *
     * @param list<int> $open
     *
     * @return list<Known>
     */
    private static function settled(Known $known, array $open): array
    {
        $ways = [[]];
        foreach (\array_slice($open, 0, 3) as $i) {
            $next = [];
            foreach ($ways as $way) {
                foreach (HalfOfDay::cases() as $half) {
                    $next[] = $way + [$i => $half];
                }
            }
            $ways = $next;
        }
        $all = [];
        foreach ($ways as $way) {
            $times = $known->times;
            foreach ($way as $i => $half) {
                $times[$i] = ($times[$i] ?? throw new \LogicException('There is that time.'))->in($half);
            }
            $all[] = $known->withTimes($times);
        }
        $turnsBack = static fn (Known $one): int => (int) ($one->times !== self::sorted($one->times));
        usort($all, static fn (Known $a, Known $b): int => $turnsBack($a) <=> $turnsBack($b));

        return $all;
    }

    /**
     * @param list<StatedTime> $times
     *
     * @return list<StatedTime>
     */
    private static function sorted(array $times): array
    {
        usort($times, static fn (StatedTime $a, StatedTime $b): int => $a->minutes <=> $b->minutes);

        return $times;
    }

    /**
     * The ways in which so many times, lengths and numbers go together at all.
     *
     * @return list<list<Sum>>
     */
    private function byHand(Known $known): array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $number = $known->numbers[0] ?? null;
        $ways = match (true) {
            1 === \count($times) && 1 === \count($lengths) => [
                static fn (): array => [Later::of($times[0], $lengths[0])],
                static fn (): array => [Earlier::of($times[0], $lengths[0])],
            ],
            1 === \count($times) && 2 === \count($lengths) => [
                static fn (): array => self::inARow($times[0], $lengths, true),
                static fn (): array => self::inARow($times[0], $lengths, false),
                static fn (): array => [Later::of($times[0], $lengths[0])],
                static fn (): array => [Later::of($times[0], $lengths[1])],
            ],
            2 === \count($times) && [] === $lengths => [
                static fn (): array => [Elapsed::of($times[0], $times[1])],
                static fn (): array => [Elapsed::of($times[1], $times[0])],
            ],
            2 === \count($times) && 1 === \count($lengths) => [
                static fn (): array => [Elapsed::of($times[0], $times[1])],
                static fn (): array => [$all = Elapsed::of($times[0], $times[1]), Difference::of($all->answer()->amount, $lengths[0])],
                static fn (): array => [$then = Later::of($times[0], $lengths[0]), Elapsed::of($then->answer()->time, $times[1])],
                static fn (): array => [Later::of($times[1], $lengths[0])],
            ],
            [] === $times && \count($lengths) > 1 => [
                static fn (): array => [Total::of($lengths[0], $lengths[1], ...\array_slice($lengths, 2))],
                static fn (): array => [$lengths[0]->duration->compareTo($lengths[1]->duration) >= 0 ? Difference::of($lengths[0], $lengths[1]) : Difference::of($lengths[1], $lengths[0])],
            ],
            [] === $times && 1 === \count($lengths) && null !== $number && $number > 1 => [
                static fn (): array => [Product::of($number, $lengths[0])],
                static fn (): array => [Share::of($lengths[0], $number)],
            ],
            default => [],
        };
        $found = [];
        foreach ($ways as $way) {
            try {
                $found[] = $way();
            } catch (CannotBeDone|MixedChains|TooLong) {
                // that way there is too little to take from
            }
        }

        return $found;
    }

    /**
     * @param list<Amount> $lengths
     *
     * @return list<Sum>
     */
    private static function inARow(StatedTime $time, array $lengths, bool $onward): array
    {
        $sums = [];
        foreach ($onward ? $lengths : array_reverse($lengths) as $length) {
            $sums[] = $sum = $onward ? Later::of($time, $length) : Earlier::of($time, $length);
            $time = $sum->answer()->time;
        }

        return $sums;
    }

    /**
     * @param list<list<Sum>> $all
     *
     * @return list<Sum>
     */
    private function whole(array $all): array
    {
        $sums = [];
        foreach ($all as $one) {
            if (!isset($one[0]) || self::MOST === \count($sums)) {
                continue;
            }
            try {
                $sum = isset($one[1]) ? InTurn::of($one[0], $one[1], ...\array_slice($one, 2)) : $one[0];
                $answer = $sum->answer();
            } catch (CannotBeDone|\InvalidArgumentException) {
                continue;
            }
            $nothing = $answer instanceof LengthAnswer && 0 === $answer->amount->duration->count;
            if (!$nothing && [] === $sum->readings() && !\in_array($sum, $sums, false)) {
                $sums[] = $sum;
            }
        }

        return $sums;
    }
}
