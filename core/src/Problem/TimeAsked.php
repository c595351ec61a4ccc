<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;

/** Which sums answer a question for a time. */
final readonly class TimeAsked
{
    /** What has its time each day, and no article. */
    public const DAILY = '(?:breakfast|lunch|dinner|tea|supper|school|bedtime|sunrise|sunset|dark)\b';

    private const NTH = ['second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9, 'tenth' => 10];

    /**
     * @return ?list<Sum> null where it is not one of the ways that are known
     *
     * @throws CannotBeDone
     */
    public function sums(Known $known, string $telling, Sentence $ask, bool $latest): ?array
    {
        if (1 === \count($known->times) && 1 === \count($known->lengths)) {
            foreach ([$this->byAWrongClock(...), $this->besideAnother(...), $this->fromItsRole(...)] as $way) {
                $sums = $way($known, $telling, $ask);
                if (false !== $sums) {
                    return $sums;
                }
            }
        }

        return $this->inARow($known, $telling, $ask, $latest);
    }

    /**
     * By a clock that is wrong, or of something due.
     *
     * @return list<Sum>|false|null null where it is not clear; false where it is told in another way
     *
     * @throws CannotBeDone
     */
    private function byAWrongClock(Known $known, string $telling, Sentence $ask): array|false|null
    {
        [$time, $length, $timeRole, $role] = $known->first();
        $asksDue = 1 === preg_match('/\bdue\b|\bshould (?:it|he|she|they|we|you|I|the \w+|\w+) have\b/', $ask->pattern);
        // from the right time to what a wrong clock shows
        if ('right' === $timeRole) {
            return match ($role) {
                'fast' => [Later::of($time, $length)],
                'slow' => [Earlier::of($time, $length)],
                default => null,
            };
        }
        // it lasted so much longer than it should have
        if (!$asksDue && 'due' === $timeRole && 1 === preg_match('/\bL\d+ (longer|shorter)\b(?! than)/', $telling, $than)) {
            return 1 === preg_match('/\b(?:end|over|finish|stop)\b/', $ask->pattern) ? [('longer' === $than[1] ? Later::class : Earlier::class)::of($time, $length)] : null;
        }
        // late for what begins then
        if (!$asksDue && 'start' === $timeRole && 1 === preg_match('/\bL\d+ (late|early) for (?:an?|the|his|her|its|their|my|our) (?:\w+ ){1,4}(?:that|which) (?:began|begins|started|starts)(?: at)? T\d+/', $telling, $for)) {
            return 1 === preg_match('/\b(?:arrive|come|get there|reach|there|get to)\b/', $ask->pattern) ? [('late' === $for[1] ? Later::class : Earlier::class)::of($time, $length)] : null;
        }
        // what a wrong clock shows at the right time
        if (\in_array($role, ['fast', 'slow'], true) && 'shown' !== $timeRole && 1 === preg_match('/\bwhat (?:does|did|will|would) (?:\w+ ){1,4}(?:show|say)\b|\bwhat time (?:does|did|will) (?:\w+ ){1,4}(?:show|say)\b/', $ask->pattern)) {
            return ['fast' === $role ? Later::of($time, $length) : Earlier::of($time, $length)];
        }
        if (!$asksDue && \in_array($role, ['fast', 'early'], true)) {
            return 'fast' === $role || 'due' === $timeRole ? [Earlier::of($time, $length)] : null;
        }
        if (!$asksDue && \in_array($role, ['slow', 'late'], true)) {
            return 'slow' === $role || 'due' === $timeRole || str_contains($telling, 'planned') ? [Later::of($time, $length)] : null;
        }
        if ($asksDue && \in_array($role, ['late', 'early'], true)) {
            return 'late' === $role ? [Earlier::of($time, $length)] : [Later::of($time, $length)];
        }

        return false;
    }

    /**
     * Before or after something else, or another time.
     *
     * @return list<Sum>|false|null null where it is not clear; false where it is told in another way
     *
     * @throws CannotBeDone
     */
    private function besideAnother(Known $known, string $telling, Sentence $ask): array|false|null
    {
        [$time, $length] = $known->first();
        if (1 === preg_match('/\bnow\b/', $ask->pattern)) {
            // in so long it will be, so long ago it was
            return match (true) {
                1 === preg_match('/^in L\d+ it will be T\d+/', $telling) => [Earlier::of($time, $length)],
                1 === preg_match('/^L\d+ ago it was T\d+/', $telling) => [Later::of($time, $length)],
                default => null,
            };
        }
        // so much earlier or later than it usually is: either may be told
        if (1 === preg_match('/\bL\d+ (later|earlier) than (?:usual|normal|planned|always)\b/', $telling, $than)) {
            $usual = '/\b(?:usual|usually|normally|planned|always)\b/';
            $asksUsual = 1 === preg_match($usual, $ask->pattern);
            $where = implode(' ', array_filter(explode(' . ', $telling), static fn (string $one): bool => 1 === preg_match('/\bT\d+/', $one)));
            $tellsUsual = 1 === preg_match($usual, str_replace($than[0], '', $where)) || (!str_contains($where, $than[0]) && !$asksUsual);
            if ($asksUsual === $tellsUsual) {
                return null;
            }

            return [(('later' === $than[1]) === $tellsUsual ? Later::class : Earlier::class)::of($time, $length)];
        }
        // "at T, L later than the first": either of the two may be told, and either asked
        if (1 === preg_match('/\bL\d+ (later|earlier) than (?:the )?(?!planned|usual|it\b)(\w+)/', $telling, $beside)) {
            $stem = '/\b'.$beside[2].'\b/';
            $where = implode(' ', array_filter(explode(' . ', $telling), static fn (string $one): bool => 1 === preg_match('/\bT\d+/', $one)));
            $tellsOther = !str_contains($where, $beside[0]) && 1 === preg_match($stem, $where);
            $asksOther = 1 === preg_match($stem, $ask->pattern);
            if ($tellsOther === $asksOther) {
                return null;
            }

            return [(('later' === $beside[1]) === $tellsOther ? Later::class : Earlier::class)::of($time, $length)];
        }
        // "it is L until ... T": back from there to now
        if (1 === preg_match('/\bL\d+ (?:until|till) [^.]*\bT\d+/', $telling)) {
            return 1 === preg_match('/\btime is it\b|\bnow\b/', $ask->pattern) ? [Earlier::of($time, $length)] : null;
        }
        // "comes at T and leaves again after L"
        if (1 === preg_match('/\bT\d+ and (?!had)[^.]*\bafter L\d+/', $telling)) {
            return [Later::of($time, $length)];
        }
        // "half an hour before the race, at 9:40 ..." tells when something else is
        if (1 === preg_match('/\bL\d+ (before|after) (?:(?:the|his|her|its|their|a|an) (?=\w)|(?='.self::DAILY.'))(\w+)( ,? ?(?:which|that) (?:\w+ ){1,2})?[^.?]*\bT\d+/', $telling, $beside)) {
            $asksIt = 1 === preg_match('/\b'.$beside[2].'\b/', $ask->pattern);
            if ('' !== ($beside[3] ?? '')) {
                // "20 min before the play, which began at 7:30": the time is that of the play
                return $asksIt ? null : [('before' === $beside[1] ? Earlier::class : Later::class)::of($time, $length)];
            }

            return $asksIt ? [('before' === $beside[1] ? Later::class : Earlier::class)::of($time, $length)] : null;
        }
        // "came home at 1:30 after 5 h at school": how long it had been when it ended
        if (1 === preg_match('/T\d+ after L\d+/', $telling) && 1 === preg_match('/\bhad\b|\bdid\b.*\b(?:start|begin|leave|set (?:out|off))\b/', $ask->pattern)) {
            return [Earlier::of($time, $length)];
        }
        // "9 is 20 min before what time?" asks for the other end
        if (1 === preg_match('/\bL\d+ (after|before|later than|earlier than) (?:what|which) time\b/', $telling, $beside)) {
            return \in_array($beside[1], ['before', 'earlier than'], true) ? [Later::of($time, $length)] : [Earlier::of($time, $length)];
        }
        if (1 === preg_match('/L\d+ (after|before) T\d+|T\d+ there are still L\d+/', $telling, $beside)) {
            return 'before' === ($beside[1] ?? '') ? [Earlier::of($time, $length)] : [Later::of($time, $length)];
        }

        return false;
    }

    /**
     * By what the length is: every so often, so long ago, a break, had lasted.
     *
     * @return list<Sum>|false|null null where it is not clear; false where it is told in another way
     *
     * @throws CannotBeDone
     */
    private function fromItsRole(Known $known, string $telling, Sentence $ask): array|false|null
    {
        [$time, $length, $timeRole, $role] = $known->first();
        if ('every' === $role) {
            if (1 === \count($known->numbers) && $known->numbers[0] > 1 && $known->numbers[0] <= Series::MOST && 1 === preg_match('/\bthe first N\d+ times\b/', $ask->pattern)) {
                return [Series::counted($length, $time, $known->numbers[0])];
            }

            return $this->every($time, $length, $ask->pattern.' '.$telling);
        }
        if (\in_array($role, ['ago', 'before'], true)) {
            return 'now' === $timeRole || 'before' === $role ? [Earlier::of($time, $length)] : null;
        }
        if ('break' === $role) {
            // what ends before a break goes on behind it; what begins with it is over behind it
            $behind = ('end' === $timeRole && 1 === preg_match('/\b(?:start|begin|go on|continue|open again|again)\b/', $ask->pattern)) || ('start' === $timeRole && 1 === preg_match('/\b(?:over|end|go on|continue|again|finish)\b/', $ask->pattern));

            return $behind ? [Later::of($time, $length)] : null;
        }
        // it had lasted so long at that time
        if (1 === preg_match('/\b(?:had (?:\w+ ){0,3}(?:for )?L\d+|had been \w+(?: \w+){0,4} for L\d+)/', $telling)) {
            return 1 === preg_match('/\b(?:start|begin|began|begun|leave|set (?:out|off)|arrive|get there|get on|come|came|go|went|put|catch|hung|light|lit|open)\b/', $ask->pattern) && 1 !== preg_match('/\b(?:will|end|finish|over|back)\b/', $ask->pattern) ? [Earlier::of($time, $length)] : null;
        }

        return false;
    }

    /**
     * One length or several, one after the other, on from the time or back from it.
     *
     * @return ?list<Sum>
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    private function inARow(Known $known, string $telling, Sentence $ask, bool $latest): ?array
    {
        $times = $known->times;
        $lengths = $known->lengths;
        $t = \count($times);
        $l = \count($lengths);
        $role = static fn (int $i): string => $known->lengthRoles[$i] ?? '';
        // "T and ... L later" goes on, whatever is asked
        if (1 === $t && isset($lengths[0]) && $l <= 2 && 'later' === $role(0) && \in_array($known->timeRoles[0], ['start', 'end'], true) && (1 === $l || 'lasts' === $role(1)) && 1 === preg_match('/T\d+\b.*\bL\d+ later\b(?! than)/', $telling)) {
            return Steps::onward($times[0], $lengths);
        }
        if (1 !== $t || 0 === $l || [] !== array_diff($known->lengthRoles, ['lasts', 'later', 'break', 'each'])) {
            return null;
        }
        // so many, one after the other, each as long
        if (1 === $l && 1 === \count($known->numbers) && 'start' === $known->timeRoles[0] && 1 === preg_match('/N\d+ [^.]*L\d+ each , one after the other|L\d+ for one \w+ and has N\d+/', $telling)) {
            $together = Product::of($known->numbers[0], $lengths[0]);

            return [$together, Later::of($times[0], Steps::amount($together))];
        }
        // two halves of so long, and a break between them
        if (['lasts', 'break'] === $known->lengthRoles && [2] === $known->numbers && 1 === preg_match('/\bN\d+ (?:halves|parts|periods|acts) of L\d+/', $telling)) {
            $forward = $this->goesOn($known->timeRoles[0], $telling, $ask->pattern, $latest);
            $parts = Product::of(2, $lengths[0]);
            $all = Total::of(Steps::amount($parts), $lengths[1] ?? throw new \LogicException('There is a break.'));

            return null === $forward ? null : [$parts, $all, $forward ? Later::of($times[0], Steps::amount($all)) : Earlier::of($times[0], Steps::amount($all))];
        }
        // what a number counts beside a length may change the sum; seats and prices do not
        $counted = preg_replace('/\b(?:had|has|carries|costs) N\d+ \w+/', '', $telling) ?? $telling;
        if (\in_array('each', $known->lengthRoles, true) || 1 === preg_match('/N\d+ \w+ of L\d+/', $counted) || ([$l] !== $known->numbers && 1 === preg_match('/L\d+ [^.?]*\bN\d+|N\d+ [^.?]*\bL\d+/', $counted)) || ($l > 1 && 1 === preg_match('/T\d+ [^.?]*\bafter L\d+/', $telling))) {
            return null;
        }
        $forward = $this->goesOn($known->timeRoles[0], $telling, $ask->pattern, $latest);
        if (null === $forward) {
            return null;
        }

        return $forward ? Steps::onward($times[0], $lengths) : Steps::back($times[0], $lengths);
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

        return 2 === self::NTH[$found[1]] ? [Later::of($start, $each)] : [$gaps, Later::of($start, Steps::amount($gaps))];
    }

    /** Whether the way goes on from the time that is told, or back from it; null where that is not clear. */
    private function goesOn(string $role, string $telling, string $ask, bool $latest): ?bool
    {
        $must = 1 === preg_match('/\b(?:must|have to|has to|should|need to|needs to)\b/', $ask);
        $asksStart = 1 === preg_match('/\b(?:take off|leave|start|started|begin|begun|began|set out|get up|depart|catch|hung up|go out|put (?:it |them )?(?:in|into|on)|get on|had they come|open|lit|it now|fall asleep|go to (?:bed|sleep))\b/', $ask);
        $asksEnd = 1 === preg_match('/\b(?:arrive|reach|end|finish|finished|over|land|get there|get home|ready|stop|close|back|done|come in|come|go home|dock|put out|take (?:it|them) out|dry|cross|tie up|get here|at home|in its box|low tide|high tide|dark|delivered|go|be|second|off|stopped)\b/', $ask);
        if ($latest || ($must && $asksStart) || (1 === preg_match('/\bbefore that\b/', $telling) && $asksStart)) {
            return 'now' === $role ? null : false;
        }
        // it had lasted so long when it ended
        if (1 === preg_match('/\bhad (?:been|lasted|taken|hung|baked|raged|burned|worked|walked)\b|\bafter (?:travelling|a journey|a walk)\b/', $telling) && ($asksStart || 1 === preg_match('/\bhad\b/', $ask))) {
            return false;
        }
        // one thing is over, and another is begun: "When does she start her homework?"
        if ('end' === $role && 1 === preg_match('/\b(?:start|begin)(?: on| with)? (?:(?:her|his|its|their|the|an?|to) )(\w+)/', $ask, $begun)) {
            $where = implode(' ', array_filter(explode(' . ', $telling), static fn (string $one): bool => 1 === preg_match('/\bT\d+/', $one)));

            return str_contains($where, $begun[1]) ? false : (1 === preg_match('/\bthen\b|\bafter (?:that|this|which)\b|\bafterwards\b/', $telling) ? true : null);
        }
        // who comes and stays is still there
        if (1 === preg_match('/\b(?:came|comes|arrived|arrives|goes|went|gets?|got) .*\bstay(?:s|ed)?\b/', $telling)) {
            return $asksStart || $asksEnd ? true : null;
        }

        return match ($role) {
            'start', 'now' => $asksStart && !$asksEnd ? null : true,
            'end' => $asksStart ? false : null,
            default => str_contains($telling, ' later') || str_contains($telling, 'in L') ? true : null,
        };
    }
}
