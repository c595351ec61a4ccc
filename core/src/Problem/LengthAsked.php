<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;

/** Which sums answer a question for how long something is, or several things are together. */
final readonly class LengthAsked
{
    /** Who does a piece of work together. */
    private const HANDS = 'painters?|workers?|builders?|gardeners?|bricklayers?|machines?|taps?|pipes?|hoses?|robots?|helpers?|men|women|people|sailors?|cooks?|bakers?|cleaners?|diggers?|copiers?|printers?|rowers?|carpenters?|tailors?|knitters?';

    /**
     * @return ?list<Sum> null where it is not one of the ways that are known
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    public function sums(Asked $wanted, Known $known, string $telling, Sentence $ask): ?array
    {
        return match (true) {
            [] !== $known->times => $this->ofTimes($known, $telling, $ask),
            1 === \count($known->lengths) => $this->ofOne($wanted, $known, $telling, $ask),
            default => $this->ofSeveral($wanted, $known, $telling, $ask),
        };
    }

    /**
     * Between times.
     *
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     */
    private function ofTimes(Known $known, string $telling, Sentence $ask): ?array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $role = static fn (int $i): string => $known->lengthRoles[$i] ?? '';
        $at = static fn (string $name): array => array_keys($known->timeRoles, $name, true);
        if (2 === $t && 0 === $l && [0] === $at('start') && [1] === $at('end') && 1 !== preg_match('/\b(?:equally|share)\b/', $telling)) {
            return [Steps::span($times[0], $times[1])];
        }
        // who arrives and then leaves has stayed
        if (2 === $t && 0 === $l && ['end', 'start'] === $known->timeRoles && $times[0]->halfSaid && $times[1]->halfSaid && $times[0]->minutes < $times[1]->minutes && 1 === preg_match('/\b(?:arrived?|arrives|came|comes|got|gets)\b.*T\d+ .*\b(?:left|leaves)\b/', $telling)) {
            return [Elapsed::of($times[0], $times[1])];
        }
        if (2 === $t && 0 === $l && 'now' === $known->timeRoles[1] && 1 === preg_match('/\buntil\b/', $ask->pattern)) {
            return [Elapsed::of($times[1], $times[0])];
        }
        if (2 === $t && 0 === $l && 'now' === $known->timeRoles[0] && 1 === preg_match('/\buntil\b/', $ask->pattern)) {
            return [Elapsed::of($times[0], $times[1])];
        }
        // who is away is away while she rests, too
        if (2 === $t && 1 === $l && 'break' === $role(0) && 1 === preg_match('/\b(?:away|gone|under way|from home|out of the house|in all|altogether)\b/', $ask->pattern)) {
            return null;
        }
        if (2 === $t && 1 === $l && 'break' === $role(0) && [0] === $at('start') && [1] === $at('end')) {
            $all = Elapsed::of($times[0], $times[1]);

            return [$all, Difference::of(Steps::amount($all), $lengths[0])];
        }
        if (4 === $t && 0 === $l && [0, 2] === $at('start') && [1, 3] === $at('end')) {
            return $this->twoSpans($times, $telling);
        }
        // and the way back so much longer
        if (2 === $t && 1 === $l && [0] === $at('start') && [1] === $at('end') && 1 === preg_match('/\b(?:return|way back|back|other|second|next)\b.*\bL\d+ (longer|slower|shorter|faster|quicker)\b/', $telling, $than)) {
            if (1 !== preg_match('/\b(?:return|way back|back|other|second|next)\b/', $ask->pattern)) {
                return null;
            }
            $first = Elapsed::of($times[0], $times[1]);

            return [$first, \in_array($than[1], ['longer', 'slower'], true) ? Total::of(Steps::amount($first), $lengths[0]) : Difference::of(Steps::amount($first), $lengths[0])];
        }
        $shares = 1 === preg_match('/\b(?:equally|equal parts|divided|the same time|equally long|share)\b/', $telling);
        if ($shares && 2 === $t && 0 === $l && 1 === \count($known->numbers) && [0] === $at('start') && [1] === $at('end')) {
            $all = Elapsed::of($times[0], $times[1]);

            return [$all, Share::of(Steps::amount($all), $known->numbers[0])];
        }
        if (2 === $t && 1 === $l && [0] === $at('start') && [1] === $at('end') && 1 === preg_match('/(N\d+) (?:breaks|pauses|rests) of L\d+|L\d+ each way/', $telling)) {
            $all = Elapsed::of($times[0], $times[1]);
            $lost = Product::of(str_contains($telling, 'each way') ? 2 : ($known->numbers[0] ?? 1), $lengths[0]);

            return [$all, $lost, Difference::of(Steps::amount($all), Steps::amount($lost))];
        }
        if (2 === $t && 0 === $l && 1 === preg_match('/\blies? between\b/', $ask->pattern) && $times[0]->halfSaid && $times[1]->halfSaid && $times[0]->minutes < $times[1]->minutes) {
            return [Elapsed::of($times[0], $times[1])];
        }

        return null;
    }

    /**
     * Two stretches of time together; a break within the first one is taken off it.
     *
     * @param list<StatedTime> $times four
     *
     * @return ?list<Sum> null where it is not clear whether the second one is a break
     *
     * @throws CannotBeDone
     */
    private function twoSpans(array $times, string $telling): ?array
    {
        $break = 1 === preg_match('/T\d+\b.*T\d+\b.*\b(?:closes?|closed|shuts?|break|breaks off|pause|pauses|interval|rests?|rested|lunch|dinner|except|but not)\b.*T\d+\b.*T\d+/', $telling);
        if (!$break) {
            return Steps::spans($times, true);
        }
        [$all, $off] = [Elapsed::of($times[0], $times[1]), Elapsed::of($times[2], $times[3])];
        $within = $times[0]->minutes <= $times[2]->minutes && $times[3]->minutes <= $times[1]->minutes && $times[2]->minutes < $times[3]->minutes;

        return $within ? [$all, $off, Difference::of(Steps::amount($all), Steps::amount($off))] : null;
    }

    /**
     * From one length: so many of it, a part of it.
     *
     * @return ?list<Sum>
     *
     * @throws TooLong
     */
    private function ofOne(Asked $wanted, Known $known, string $telling, Sentence $ask): ?array
    {
        $length = $known->lengths[0] ?? throw new \LogicException('There is one.');
        $role = $known->lengthRoles[0] ?? '';
        // more hands need less time, and nobody knows how much less
        $hands = '(?:N\d+|one|an?|each) (?:\w+ )?(?:'.self::HANDS.')';
        if (1 === preg_match('/\b(?:takes?|took) '.$hands.'\b|\b'.$hands.' (?:\w+ )?(?:needs?|takes?|took|builds?|built|paints?|painted|digs?|dug|fills?|filled|finish(?:es|ed)?|works?|worked|mends?|mended|bakes?|knits?)\b/', $telling)) {
            return null;
        }
        if ('lasts' === $role && 1 === \count($known->numbers) && 1 === preg_match('/N\d+/', $ask->pattern)) {
            return [Product::of($known->numbers[0], $length)];
        }
        // so long there and so long back
        if ([] === $known->numbers && 1 === preg_match('/\beach way\b/', $telling) && 1 === preg_match('/\b(?:in a day|both ways|there and back|altogether)\b/', $ask->pattern)) {
            return [Product::of(2, $length)];
        }
        // so long for one, or so long for so many
        if (1 === \count($known->numbers) && $known->numbers[0] > 1) {
            $forOne = 1 === preg_match('/L\d+ for (?:one|a|each|every) \w+|\b(?:one|a|each) \w+ (?:takes|needs) (?:\w+ ){0,2}L\d+/', $telling);
            $asksOne = 1 === preg_match('/\bfor (?:one|each|a single)\b|\bdoes (?:one|each)\b/', $ask->pattern);
            if ($forOne !== $asksOne) {
                return $forOne ? [Product::of($known->numbers[0], $length)] : [Share::of($length, $known->numbers[0])];
            }
        }
        if ([] === $known->numbers && 1 === preg_match('/\btwice as long\b/', $telling)) {
            return $this->twice($wanted, $length, $telling, $ask);
        }
        if ([] === $known->numbers && Asked::Length === $wanted && 1 === preg_match('/\b(the same time on the way|half of the) /', $telling, $often)) {
            return 'half of the' === $often[1] ? [Share::of($length, 2)] : [Product::of(2, $length)];
        }
        if (isset($known->numbers[0]) && $known->numbers[0] > 1 && $this->countsOnce($telling)) {
            $shares = 1 === preg_match('/\b(?:equally|equal parts|divided|the same time|equally long)\b/', $telling);

            return $shares === ('each' === $role) ? null : ($shares ? [Share::of($length, $known->numbers[0])] : [Product::of($known->numbers[0], $length)]);
        }
        if ([] === $known->numbers && 'each' === $role && 1 === preg_match('/\bin a week\b/', $ask->pattern) && 1 === preg_match('/\bevery (?:night|day|morning|evening)\b/', $telling)) {
            return [Product::of(7, $length)];
        }

        return null;
    }

    /**
     * One takes twice as long as another: the longer or the shorter one may be told, and one of them asked, or both together.
     *
     * @return ?list<Sum> null where it is gone on with over several days, or is not twice only
     *
     * @throws TooLong
     */
    private function twice(Asked $wanted, Amount $length, string $telling, Sentence $ask): ?array
    {
        if (1 === preg_match('/\bnot twice\b|\btwice as long\b.*\b(?:twice|as long|half)\b|\b(?:weeks?|months?|years?)\b/', $telling)) {
            return null;
        }
        $told = 1 === preg_match('/L\d+ ,? ?(?:(?:which|that) (?:is|was) )?twice as long as\b/', $telling);
        $other = $told ? Share::of($length, 2) : Product::of(2, $length);
        $both = Asked::Altogether === $wanted || 1 === preg_match('/\b(?:each|every|a|per|that|the whole) day\b|\bthere and back\b|\bthe whole\b/', $ask->pattern);

        return $both ? [$other, Total::of($length, Steps::amount($other))] : [$other];
    }

    /**
     * From several lengths.
     *
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     */
    private function ofSeveral(Asked $wanted, Known $known, string $telling, Sentence $ask): ?array
    {
        $lengths = $known->lengths;
        $l = \count($lengths);
        if (2 === $l && 1 === preg_match('/\bway there\b.*\bway back\b/', $telling)) {
            return [Total::of($lengths[0], $lengths[1])];
        }
        if (2 === $l && Asked::Altogether === $wanted && [] === array_diff($known->lengthRoles, ['lasts', 'before', 'later']) && 1 === preg_match('/L\d+ before (\w+).* and .*L\d+ after \1/', $telling)) {
            return [Total::of($lengths[0], $lengths[1])];
        }
        // both together, and one of them
        if (2 === $l && 1 === preg_match('/\b(?:altogether|together|in all|in total)\b[^.]*L(\d+)|L(\d+) (?:altogether|together|in all|in total)\b/', $telling, $both) && 1 !== preg_match('/\b(?:altogether|together|both|in all|in total)\b/', $ask->pattern)) {
            return $lengths[0]->duration->compareTo($lengths[1]->duration) > 0 && 1 === preg_match('/\b(?:altogether|together|in all|in total)\b.*\. .*L\d+|L\d+ (?:altogether|together|in all|in total)\b.*\. .*L\d+/', $telling) ? [Difference::of($lengths[0], $lengths[1])] : null;
        }
        // what is left of it now
        if (2 === $l && 1 === preg_match('/L\d+ left\b/', $telling) && 1 === preg_match('/\bhas\b.*\bbeen\b|\bpassed\b|\bgone\b|\bover\b/', $ask->pattern)) {
            return [Steps::larger($lengths[0], $lengths[1])];
        }
        if (2 === $l && 1 === preg_match('/L\d+ of (?:this|that|it|these)\b/', $telling)) {
            return [Difference::of($lengths[0], $lengths[1])];
        }
        if (2 === $l && 1 === preg_match('/\bfirst part\b.*L\d+.*\bsecond part L\d+|L\d+ more\b(?! than)|\bfrom (\w) to (\w) takes L\d+ and from \2 to (\w) L\d+.*\bfrom \1 to \3\b/', $telling)) {
            return [Total::of($lengths[0], $lengths[1])];
        }
        if (['lasts', 'break'] === $known->lengthRoles && [] === $known->numbers && 1 === preg_match('/\b(?:without|really|actually)\b/', $ask->pattern)) {
            return [Difference::of($lengths[0], $lengths[1])];
        }
        // the second one is so much longer or shorter, and what it is compared with is the first
        if (1 === preg_match('/L\d+\b.*\bL\d+ (longer|slower|shorter|faster|quicker)\b(?!(?: \w+)? than)/', $telling, $than)) {
            if (2 !== $l || ['lasts', 'lasts'] !== $known->lengthRoles || [] !== $known->numbers) {
                return null;
            }
            $other = \in_array($than[1], ['longer', 'slower'], true) ? Total::of($lengths[0], $lengths[1]) : Difference::of($lengths[0], $lengths[1]);

            return Asked::Altogether === $wanted || 1 === preg_match('/\b(?:there and back|way in all)\b/', $ask->pattern) ? [$other, Total::of($lengths[0], Steps::amount($other))] : [$other];
        }
        if (2 === $l && 1 === preg_match('/(L\d+) (longer|more|less|shorter|faster)(?: \w+)? than(?: the| on| in| his| her| its| their| an?)* (\w+)?/', $telling, $than)) {
            return $this->compared($telling, $ask, $lengths, $than[1], \in_array($than[2], ['longer', 'more'], true), $than[3] ?? '');
        }
        if ($l >= 2 && [] === array_diff($known->lengthRoles, 1 === preg_match('/\bit all\b/', $ask->pattern) ? ['lasts', 'used', 'break'] : ['lasts', 'used']) && (Asked::Altogether === $wanted || (2 === $l && 1 === preg_match('/L\d+ and then\b/', $telling)))) {
            return [Total::of($lengths[0], $lengths[1], ...\array_slice($lengths, 2))];
        }

        return null;
    }

    /**
     * One length told by another: "8 min more than Otto". Either of the two may be the one that is told, and either the one that is
     * asked.
     *
     * @param list<Amount> $lengths two
     * @param string       $by      the sign of the length by which they differ
     * @param bool         $more    whether the first of them is the longer one
     * @param string       $other   what it is compared with, in a word
     *
     * @return ?list<Sum> null where the one that is told is asked, or it is not clear which it is
     */
    private function compared(string $telling, Sentence $ask, array $lengths, string $by, bool $more, string $other): ?array
    {
        $signs = [];
        preg_match_all('/L\d+/', $telling, $signs);
        $difference = (int) array_search($by, $signs[0], true);
        $told = $signs[0][1 - $difference] ?? '';
        $stem = '/\b'.preg_quote(substr($other, 0, 5), '/').'/';
        $usual = \in_array($other, ['', 'usual', 'planned', 'normal', 'normally', 'expected', 'it', 'that', 'before', 'always'], true);
        $sentence = implode(' ', array_filter(explode(' . ', $telling), static fn (string $one): bool => 1 === preg_match('/\b'.$told.'\b/', $one)));
        $behind = strpos($telling, $told) > strpos($telling, $by) && str_contains($sentence, $by);
        $before = str_contains($sentence, $by) && !$behind;
        $tellsOther = $behind || (!$before && ($usual || 1 === preg_match($stem, $sentence)));
        $asksOther = 1 === preg_match($usual ? '/\b(?:usual|normal|planned|expected)/' : $stem, $ask->pattern);
        if ($tellsOther === $asksOther) {
            return null;
        }
        $longer = $tellsOther === $more;

        return $longer ? [Total::of($lengths[1 - $difference], $lengths[$difference])] : [Difference::of($lengths[1 - $difference], $lengths[$difference])];
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
}
