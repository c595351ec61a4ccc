<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;

/**
 * Which sums follow from what is known and what is asked: by what stands for what, and not by a word that is said. Where two
 * ways are possible it is none of them.
 */
final readonly class Operations
{
    public function __construct(private TimeAsked $time, private LengthAsked $length)
    {
    }

    /**
     * @param string   $telling patterns of all that is told, in order
     * @param Sentence $ask     what is asked
     *
     * @return ?list<Sum> the last one gives the answer; null where it is not one of the ways that are known
     *
     * @throws CannotBeDone when there is less than is taken, or it depends on a half of the day
     * @throws MixedChains  when it puts months together with days
     * @throws TooLong      when it comes to more than ten thousand years
     */
    public function sums(Asked $wanted, Known $known, string $telling, Sentence $ask): ?array
    {
        return match ($wanted) {
            Asked::Time, Asked::Latest => $this->time->sums($known, $telling, $ask, Asked::Latest === $wanted),
            Asked::Length, Asked::Altogether => $this->length->sums($wanted, $known, $telling, $ask),
            Asked::HowOften => $this->howOften($known),
            Asked::HowLate => $this->howLate($known),
            Asked::Wait => $this->wait($known, $ask),
            Asked::More => $this->more($known, $ask),
            Asked::Left => $this->left($known, $telling),
            Asked::Unclear => null,
        };
    }

    /**
     * @return ?list<Sum>
     *
     * @throws MixedChains
     */
    private function howOften(Known $known): ?array
    {
        [$one, $other] = [$known->lengths[0] ?? null, $known->lengths[1] ?? null];
        // so many of one length between two times
        if (['start', 'end'] === $known->timeRoles && null !== $one && null === $other && [] === $known->numbers) {
            $all = Elapsed::of($known->times[0], $known->times[1]);

            return [$all, Grouping::of(Steps::amount($all), $one)];
        }
        if ([] !== $known->times || 2 !== \count($known->lengths) || null === $one || null === $other) {
            return null;
        }

        return [$one->duration->compareTo($other->duration) >= 0 ? Grouping::of($one, $other) : Grouping::of($other, $one)];
    }

    /** @return ?list<Sum> */
    private function howLate(Known $known): ?array
    {
        $times = $known->times;
        if (2 !== \count($times) || [] !== $known->lengths || !$times[0]->halfSaid || !$times[1]->halfSaid) {
            return null;
        }

        return [$times[0]->minutes <= $times[1]->minutes ? Elapsed::of($times[0], $times[1]) : Elapsed::of($times[1], $times[0])];
    }

    /**
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     */
    private function wait(Known $known, Sentence $ask): ?array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $role = static fn (int $i): string => $known->lengthRoles[$i] ?? '';

        return match (true) {
            // the train that is told first leaves after one has come
            2 === $t && 0 === $l => ['start', 'end'] === $known->timeRoles && $times[0]->halfSaid && $times[1]->halfSaid && $times[0]->minutes > $times[1]->minutes ? [Elapsed::of($times[1], $times[0])] : [Elapsed::of($times[0], $times[1])],
            2 === $t && 1 === $l && ('start' === $known->timeRoles[0] || str_contains($ask->pattern, 'to spare')) && 'lasts' === $role(0) => $this->connection($times, $lengths[0]),
            default => null,
        };
    }

    /**
     * @param list<StatedTime> $times
     *
     * @return list<Sum>
     */
    private function connection(array $times, Amount $length): array
    {
        $arrives = Later::of($times[0], $length);

        return [$arrives, Elapsed::of($arrives->answer()->time, $times[1])];
    }

    /**
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     */
    private function more(Known $known, Sentence $ask): ?array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $role = static fn (int $i): string => $known->lengthRoles[$i] ?? '';
        $at = static fn (string $name): array => array_keys($known->timeRoles, $name, true);

        // the longest beside the shortest of all that are told
        $short = '(?:fastest|quickest|shortest)';
        $long = '(?:slowest|longest)';
        if (0 === $t && $l > 2 && [] === array_diff($known->lengthRoles, ['lasts']) && 1 === preg_match('/\b'.$short.'\b.*\b'.$long.'\b|\b'.$long.'\b.*\b'.$short.'\b/', $ask->pattern)) {
            $all = $lengths;
            usort($all, static fn (Amount $one, Amount $other): int => $one->duration->compareTo($other->duration));

            return [Difference::of($all[$l - 1], $all[0])];
        }

        return match (true) {
            0 === $t && 2 === $l && [] === array_diff($known->lengthRoles, ['lasts', 'used']) => [Steps::larger(...$lengths)],
            2 === $t && 1 === $l && [0] === $at('start') && [1] === $at('end') && 'lasts' === $role(0) => [$span = Elapsed::of($times[0], $times[1]), Steps::larger(Steps::amount($span), $lengths[0])],
            4 === $t && 0 === $l && [0, 2] === $at('start') && [1, 3] === $at('end') => Steps::spans($times, false),
            default => null,
        };
    }

    /**
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     */
    private function left(Known $known, string $telling): ?array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $at = static fn (string $name): array => array_keys($known->timeRoles, $name, true);
        // what is left of a stretch of time
        if (2 === $t && $l > 0 && $l < 3 && [0] === $at('start') && [1] === $at('end') && [] === array_diff($known->lengthRoles, ['lasts', 'used'])) {
            $all = Elapsed::of($times[0], $times[1]);
            if (1 === $l) {
                return [$all, Difference::of(Steps::amount($all), $lengths[0])];
            }
            $used = Total::of($lengths[0], $lengths[1]);

            return [$all, $used, Difference::of(Steps::amount($all), Steps::amount($used))];
        }
        // what is left
        $now = array_search('now', $known->timeRoles, true);
        if (2 === $t && 0 === $l && false !== $now && [] !== array_intersect(['start', 'end'], $known->timeRoles)) {
            return [Elapsed::of($times[$now], $times[1 - $now])];
        }
        if (0 === $t && 2 === $l) {
            $used = array_search('used', $known->lengthRoles, true);
            $whole = 1 === preg_match('/L\d+ of the L\d+/', $telling) || 0 === $used ? 1 : 0;

            return [Difference::of($lengths[$whole], $lengths[1 - $whole])];
        }
        if (0 === $t && 3 === $l && $lengths[0]->duration->compareTo($lengths[1]->duration) >= 0) {
            $used = Total::of($lengths[1], $lengths[2]);

            return [$used, Difference::of($lengths[0], Steps::amount($used))];
        }

        return null;
    }
}
