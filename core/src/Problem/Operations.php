<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Share;
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
    private const NTH = ['second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9, 'tenth' => 10];

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
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $role = static fn (int $i): string => $known->lengthRoles[$i] ?? '';
        $at = static fn (string $name): array => array_keys($known->timeRoles, $name, true);
        if (Asked::Time === $wanted || Asked::Latest === $wanted) {
            // by a clock that is wrong, or of something due
            $asksDue = 1 === preg_match('/\bdue\b|\bshould (?:it|he|she|they) have\b/', $ask->pattern);
            if (!$asksDue && 1 === $t && 1 === $l && \in_array($role(0), ['fast', 'early'], true)) {
                return 'fast' === $role(0) || 'due' === $known->timeRoles[0] ? [Earlier::of($times[0], $lengths[0])] : null;
            }
            if (!$asksDue && 1 === $t && 1 === $l && \in_array($role(0), ['slow', 'late'], true)) {
                return 'slow' === $role(0) || 'due' === $known->timeRoles[0] || str_contains($telling, 'planned') ? [Later::of($times[0], $lengths[0])] : null;
            }
            if (1 === $t && 1 === $l && $asksDue && \in_array($role(0), ['late', 'early'], true)) {
                return 'late' === $role(0) ? [Earlier::of($times[0], $lengths[0])] : [Later::of($times[0], $lengths[0])];
            }
            if (1 === $t && 1 === $l && 1 === preg_match('/\bnow\b/', $ask->pattern)) {
                // in so long it will be, so long ago it was
                return match (true) {
                    1 === preg_match('/^in L\d+ it will be T\d+/', $telling) => [Earlier::of($times[0], $lengths[0])],
                    1 === preg_match('/^L\d+ ago it was T\d+/', $telling) => [Later::of($times[0], $lengths[0])],
                    default => null,
                };
            }
            if (1 === $t && 1 === $l && 1 === preg_match('/L\d+ (after|before) T\d+|T\d+ there are still L\d+/', $telling, $beside)) {
                return 'before' === ($beside[1] ?? '') ? [Earlier::of($times[0], $lengths[0])] : [Later::of($times[0], $lengths[0])];
            }
            if (1 === $t && 1 === $l && 'every' === $role(0)) {
                if (1 === \count($known->numbers) && $known->numbers[0] > 1 && $known->numbers[0] <= Series::MOST && 1 === preg_match('/\bthe first N\d+ times\b/', $ask->pattern)) {
                    return [Series::counted($lengths[0], $times[0], $known->numbers[0])];
                }

                return $this->every($times[0], $lengths[0], $ask->pattern.' '.$telling);
            }
            if (1 === $t && 1 === $l && \in_array($role(0), ['ago', 'before'], true)) {
                return 'now' === $known->timeRoles[0] || 'before' === $role(0) ? [Earlier::of($times[0], $lengths[0])] : null;
            }
            if (1 !== $t || 0 === $l || [] !== array_diff($known->lengthRoles, ['lasts', 'later', 'break', 'each'])) {
                return null;
            }
            // so many, one after the other, each as long
            if (1 === $l && 1 === \count($known->numbers) && 'start' === $known->timeRoles[0] && 1 === preg_match('/N\d+ [^.]*L\d+ each , one after the other|L\d+ for one \w+ and has N\d+/', $telling)) {
                $together = Product::of($known->numbers[0], $lengths[0]);

                return [$together, Later::of($times[0], self::amount($together))];
            }
            // what a number counts beside a length may change the sum; seats and prices do not
            $counted = preg_replace('/\b(?:had|has|carries|costs) N\d+ \w+/', '', $telling) ?? $telling;
            if (\in_array('each', $known->lengthRoles, true) || ([$l] !== $known->numbers && 1 === preg_match('/L\d+ [^.?]*\bN\d+|N\d+ [^.?]*\bL\d+/', $counted)) || ($l > 1 && 1 === preg_match('/T\d+ [^.?]*\bafter L\d+/', $telling))) {
                return null;
            }
            $forward = $this->goesOn($known->timeRoles[0], $telling, $ask->pattern, Asked::Latest === $wanted);
            if (null === $forward) {
                return null;
            }

            return $forward ? self::onward($times[0], $lengths) : self::back($times[0], $lengths);
        }
        if (Asked::HowOften === $wanted) {
            return 0 === $t && 2 === $l ? [Grouping::of(...($lengths[0]->duration->compareTo($lengths[1]->duration) >= 0 ? $lengths : array_reverse($lengths)))] : null;
        }
        if (Asked::HowLate === $wanted) {
            return 2 === $t && 0 === $l && $times[0]->halfSaid && $times[1]->halfSaid
                ? [$times[0]->minutes <= $times[1]->minutes ? Elapsed::of($times[0], $times[1]) : Elapsed::of($times[1], $times[0])]
                : null;
        }
        if (Asked::Wait === $wanted) {
            return match (true) {
                2 === $t && 0 === $l => [Elapsed::of($times[0], $times[1])],
                2 === $t && 1 === $l && ('start' === $known->timeRoles[0] || str_contains($ask->pattern, 'to spare')) && 'lasts' === $role(0) => $this->connection($times, $lengths[0]),
                default => null,
            };
        }
        if (Asked::Length === $wanted || Asked::Altogether === $wanted) {
            if (2 === $t && 0 === $l && [0] === $at('start') && [1] === $at('end') && 1 !== preg_match('/\b(?:equally|share)\b/', $telling)) {
                return [self::span($times[0], $times[1])];
            }
            if (2 === $t && 0 === $l && 'now' === $known->timeRoles[0] && 1 === preg_match('/\buntil\b/', $ask->pattern)) {
                return [Elapsed::of($times[0], $times[1])];
            }
            if (0 === $t && 1 === $l && 'lasts' === $role(0) && 1 === \count($known->numbers) && 1 === preg_match('/N\d+/', $ask->pattern)) {
                return [Product::of($known->numbers[0], $lengths[0])];
            }
            if (2 === $t && 1 === $l && 'break' === $role(0) && [0] === $at('start') && [1] === $at('end')) {
                $all = Elapsed::of($times[0], $times[1]);

                return [$all, Difference::of(self::amount($all), $lengths[0])];
            }
            if (4 === $t && 0 === $l && [0, 2] === $at('start') && [1, 3] === $at('end')) {
                return self::spans($times, true);
            }
            $shares = 1 === preg_match('/\b(?:equally|equal parts|divided|the same time|equally long|share)\b/', $telling);
            if ($shares && 2 === $t && 0 === $l && 1 === \count($known->numbers) && [0] === $at('start') && [1] === $at('end')) {
                $all = Elapsed::of($times[0], $times[1]);

                return [$all, Share::of(self::amount($all), $known->numbers[0])];
            }
            if (2 === $t && 1 === $l && [0] === $at('start') && [1] === $at('end') && 1 === preg_match('/(N\d+) (?:breaks|pauses|rests) of L\d+|L\d+ each way/', $telling)) {
                $all = Elapsed::of($times[0], $times[1]);
                $lost = Product::of(str_contains($telling, 'each way') ? 2 : ($known->numbers[0] ?? 1), $lengths[0]);

                return [$all, $lost, Difference::of(self::amount($all), self::amount($lost))];
            }
            if (0 === $t && 2 === $l && 1 === preg_match('/L\d+ of (?:this|that|it|these)\b/', $telling)) {
                return [Difference::of($lengths[0], $lengths[1])];
            }
            if (0 === $t && 2 === $l && 1 === preg_match('/\bfirst part\b.*L\d+.*\bsecond part L\d+|L\d+ more\b|\bfrom (\w) to (\w) takes L\d+ and from \2 to (\w) L\d+.*\bfrom \1 to \3\b/', $telling)) {
                return [Total::of($lengths[0], $lengths[1])];
            }
            if (0 === $t && 1 === $l && [] === $known->numbers && 1 === preg_match('/\b(twice as long as|the same time on the way|half of the) /', $telling, $often)) {
                return 'half of the' === $often[1] ? [Share::of($lengths[0], 2)] : [Product::of(2, $lengths[0])];
            }
            if (2 === $t && 0 === $l && 1 === preg_match('/\blies? between\b/', $ask->pattern) && $times[0]->halfSaid && $times[1]->halfSaid && $times[0]->minutes < $times[1]->minutes) {
                return [Elapsed::of($times[0], $times[1])];
            }
            if (0 === $t && ['lasts', 'break'] === $known->lengthRoles && 1 === preg_match('/\bwithout\b/', $ask->pattern)) {
                return [Difference::of($lengths[0], $lengths[1])];
            }
            if (0 === $t && 1 === $l && isset($known->numbers[0]) && $known->numbers[0] > 1 && $this->countsOnce($telling)) {
                $shares = 1 === preg_match('/\b(?:equally|equal parts|divided|the same time|equally long)\b/', $telling);

                return $shares === ('each' === $role(0)) ? null : ($shares ? [Share::of($lengths[0], $known->numbers[0])] : [Product::of($known->numbers[0], $lengths[0])]);
            }
            if (0 === $t && 2 === $l && 1 === preg_match('/(L\d+) (longer|more|less|shorter|faster)(?: \w+)? than/', $telling, $than)) {
                $more = \in_array($than[2], ['longer', 'more'], true);
                [$by, $other] = str_contains(substr($telling, 0, (int) strpos($telling, $than[1])), 'L') ? [1, 0] : [0, 1];

                return $more ? [Total::of($lengths[$other], $lengths[$by])] : [Difference::of($lengths[$other], $lengths[$by])];
            }
            if (0 === $t && 1 === $l && [] === $known->numbers && 'each' === $role(0) && 1 === preg_match('/\bin a week\b/', $ask->pattern) && 1 === preg_match('/\bevery (?:night|day|morning|evening)\b/', $telling)) {
                return [Product::of(7, $lengths[0])];
            }
            if (0 === $t && $l >= 2 && [] === array_diff($known->lengthRoles, ['lasts']) && (Asked::Altogether === $wanted || (2 === $l && 1 === preg_match('/L\d+ and then\b/', $telling)))) {
                return [Total::of($lengths[0], $lengths[1], ...\array_slice($lengths, 2))];
            }

            return null;
        }
        if (Asked::More === $wanted) {
            return match (true) {
                0 === $t && 2 === $l && [] === array_diff($known->lengthRoles, ['lasts', 'used']) => [self::larger(...$lengths)],
                4 === $t && 0 === $l && [0, 2] === $at('start') && [1, 3] === $at('end') => self::spans($times, false),
                default => null,
            };
        }
        // what is left of a stretch of time
        if (2 === $t && $l > 0 && $l < 3 && [0] === $at('start') && [1] === $at('end') && [] === array_diff($known->lengthRoles, ['lasts'])) {
            $all = Elapsed::of($times[0], $times[1]);
            if (1 === $l) {
                return [$all, Difference::of(self::amount($all), $lengths[0])];
            }
            $used = Total::of($lengths[0], $lengths[1]);

            return [$all, $used, Difference::of(self::amount($all), self::amount($used))];
        }
        // what is left
        $now = array_search('now', $known->timeRoles, true);
        if (2 === $t && 0 === $l && false !== $now && \in_array('end', $known->timeRoles, true)) {
            return [Elapsed::of($times[$now], $times[1 - $now])];
        }
        if (0 === $t && 2 === $l) {
            $used = array_search('used', $known->lengthRoles, true);
            $whole = 1 === preg_match('/L\d+ of the L\d+/', $telling) || 0 === $used ? 1 : 0;

            return [Difference::of($lengths[$whole], $lengths[1 - $whole])];
        }
        if (0 === $t && 3 === $l && $lengths[0]->duration->compareTo($lengths[1]->duration) >= 0) {
            $used = Total::of($lengths[1], $lengths[2]);

            return [$used, Difference::of($lengths[0], self::amount($used))];
        }

        return null;
    }

    /** Whether the way goes on from the time that is told, or back from it; null where that is not clear. */
    private function goesOn(string $role, string $telling, string $ask, bool $latest): ?bool
    {
        $must = 1 === preg_match('/\b(?:must|have to|has to|should|need to|needs to|can)\b/', $ask);
        $asksStart = 1 === preg_match('/\b(?:leave|start|started|begin|begun|began|set out|get up|depart|catch|hung up|go out|put in|put into|get on|had they come|open|lit|it now)\b/', $ask);
        $asksEnd = 1 === preg_match('/\b(?:arrive|reach|end|finish|finished|over|land|get there|get home|ready|stop|close|back|done|come in|come|go home|dock|put out|take (?:it|them) out|dry|cross|tie up|get here|at home|in its box|low tide|high tide|dark|delivered|go|be|second|off|stopped)\b/', $ask);
        if ($latest || ($must && $asksStart) || (1 === preg_match('/\bbefore that\b/', $telling) && $asksStart)) {
            return 'now' === $role ? null : false;
        }
        // it had lasted so long when it ended
        if (1 === preg_match('/\bhad (?:been|lasted|taken|hung|baked|raged|burned|worked|walked)\b|\bafter (?:travelling|a journey|a walk)\b/', $telling) && ($asksStart || 1 === preg_match('/\bhad\b/', $ask))) {
            return false;
        }
        // who comes and stays is still there
        if (1 === preg_match('/\b(?:came|comes|arrived|arrives|goes|went) [^.?]*\bstay(?:s|ed)?\b/', $telling)) {
            return $asksStart || $asksEnd ? true : null;
        }

        return match ($role) {
            'start', 'now' => $asksStart && !$asksEnd ? null : true,
            'end' => $asksStart ? false : null,
            default => str_contains($telling, ' later') || str_contains($telling, 'in L') ? true : null,
        };
    }

    /** Whether all numbers but the first stand in sentences of their own, in which nothing else is told. */
    private function countsOnce(string $telling): bool
    {
        preg_match_all('/N\d+/', $telling, $all);
        foreach (\array_slice($all[0], 1) as $number) {
            foreach (explode(' .', $telling) as $sentence) {
                if (str_contains($sentence, $number) && 1 === preg_match('/[TL]\d/', $sentence)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param non-empty-list<Amount> $lengths
     *
     * @return non-empty-list<Sum>
     */
    private static function onward(StatedTime $start, array $lengths): array
    {
        $sums = [];
        foreach ($lengths as $length) {
            $sums[] = $sum = Later::of($start, $length);
            $start = $sum->answer()->time;
        }

        return $sums;
    }

    /**
     * @param non-empty-list<Amount> $lengths
     *
     * @return non-empty-list<Sum>
     */
    private static function back(StatedTime $end, array $lengths): array
    {
        $sums = [];
        foreach (array_reverse($lengths) as $length) {
            $sums[] = $sum = Earlier::of($end, $length);
            $end = $sum->answer()->time;
        }

        return $sums;
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

    /** @return ?list<Sum> */
    private function every(StatedTime $start, Amount $each, string $said): ?array
    {
        if (1 === preg_match('/\bthe next time\b/', $said) && 1 !== preg_match('/\bjust\b/', $said)) {
            return [Later::of($start, $each)];
        }
        if (1 === preg_match('/\bafter that\b|\bnext\b|\bjust\b/', $said)) {
            // whether the one that is told counts is not clear
            return null;
        }
        if (1 !== preg_match('/\bthe ('.implode('|', array_keys(self::NTH)).')\b(?! (?:half|part))/', $said, $found)) {
            return null;
        }
        $gaps = Product::of(self::NTH[$found[1]] - 1, $each);

        return 2 === self::NTH[$found[1]] ? [Later::of($start, $each)] : [$gaps, Later::of($start, self::amount($gaps))];
    }

    /**
     * @param list<StatedTime> $times
     *
     * @return list<Sum>
     */
    private static function spans(array $times, bool $together): array
    {
        [$one, $two] = [Elapsed::of($times[0], $times[1]), Elapsed::of($times[2], $times[3])];

        return [$one, $two, $together ? Total::of(self::amount($one), self::amount($two)) : self::larger(self::amount($one), self::amount($two))];
    }

    /** To the second, where seconds are told. */
    private static function span(StatedTime $start, StatedTime $end): Elapsed|SecondElapsed
    {
        return null === $start->second && null === $end->second ? Elapsed::of($start, $end) : SecondElapsed::of($start, $end);
    }

    private static function larger(Amount $one, Amount $other): Difference
    {
        return $one->duration->compareTo($other->duration) >= 0 ? Difference::of($one, $other) : Difference::of($other, $one);
    }

    private static function amount(Sum $sum): Amount
    {
        $answer = $sum->answer();

        return $answer instanceof LengthAnswer ? $answer->amount : throw new \LogicException('It comes to a length.');
    }
}
