<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Product;
use Rostik\Core\Sum\Share;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\MixedChains;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;

/** Lines that are several sums, worked one after the other: behind semicolons, in brackets, or in a row. */
final readonly class SeveralSums
{
    /** At how many signs, from the right, a line is tried to be parted: nobody writes more, and a long line is soon done with. */
    private const MOST_JOINS = 6;

    /**
     * @param \Closure(string): TypedLine   $line  a piece of text as a line of its own
     * @param \Closure(TypedLine): ?ReadSum $found the one sum that a line is; throws as {@see SumReader} does
     */
    public function __construct(private Writer $plain, private \Closure $line, private \Closure $found)
    {
    }

    /** "8:40 am to 11:15 am; 2 h 35 min + 40 min": sums of which each goes on with the answer of one before. */
    public function bySemicolons(TypedLine $line): ?ReadSum
    {
        $pieces = explode(';', $line->typed);
        if (!isset($pieces[1]) || isset($pieces[InTurn::MOST])) {
            return null;
        }
        $sums = [];
        foreach ($pieces as $piece) {
            $found = ($this->found)(($this->line)(trim($piece)))->sum ?? null;
            if (null === $found) {
                return null;
            }
            $sums[] = $found;
        }
        // beside times that are surely 24-hour, those of the other sums are 24-hour too
        $by24 = [] !== array_filter(array_merge(...array_map(static fn (Sum $sum): array => $sum->times(), $sums)), static fn (StatedTime $time): bool => ClockForm::TwentyFour === $time->form);
        $sums = array_map(static fn (Sum $sum): Sum => $by24 ? $sum->withTimes(...array_map(static fn (StatedTime $t): StatedTime => $t->halfSaid ? $t : $t->as24(), $sum->times())) : $sum, $sums);
        if ([] !== array_filter($sums, static fn (Sum $sum): bool => [] !== $sum->readings())) {
            return null;
        }
        try {
            return new ReadSum(InTurn::of($sums[0], $sums[1], ...\array_slice($sums, 2)), []);
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    /** Whether some brackets hold a sum, which is worked before the rest, and not only something said besides. */
    public function holdASum(TypedLine $line): bool
    {
        foreach (Brackets::in($line->typed) as $pair) {
            if (null !== $this->within($pair)) {
                return true;
            }
        }

        return false;
    }

    /**
     * "2 x (45 min + 10 min) = 1 h 50 min".
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    public function bracketedWithItsAnswer(TypedLine $line): ?ReadSum
    {
        if (1 !== preg_match('~^(.*[)\]}].*?)\s*(?:=|\bequals\b|\bmakes\b|\bis\b)\s*([^=()?\s][^=()?]*?)[\s?.]*$~su', $line->typed, $m)) {
            return null;
        }
        $found = $this->bracketed(($this->line)($m[1]));

        return null === $found ? null : new ReadSum($found->sum, $found->notes, $m[2]);
    }

    /**
     * "2 x (45 min + 10 min)": first what the brackets hold, then the rest with its answer. Null where the rest is no sum with
     * it, and where no brackets hold one.
     *
     * @throws CannotBeDone
     * @throws MixedChains
     * @throws TooLong
     */
    public function bracketed(TypedLine $line): ?ReadSum
    {
        foreach (Brackets::in($line->typed) as $pair) {
            $inner = $this->within($pair);
            if (null === $inner) {
                continue;
            }
            if ($pair->areAll()) {
                return new ReadSum($inner, []);
            }
            $outer = ($this->line)($pair->with($this->plain->answer($inner->answer())));
            $found = $this->holdASum($outer) ? $this->bracketed($outer) : ($this->found)($outer) ?? $this->chained($outer);
            if (null === $found || [] !== $found->sum->readings()) {
                return null;
            }
            $sums = static fn (Sum $sum): array => $sum instanceof InTurn ? $sum->sums : [$sum];
            try {
                return new ReadSum(InTurn::of(...$sums($inner), ...$sums($found->sum)), []);
            } catch (\InvalidArgumentException) {
                return null;
            }
        }

        return null;
    }

    /**
     * "9 am to 5 pm - 45 min", "2 x 45 min + 10 min", "5 pm to 6:20 pm in minutes": a sum, and another with its answer.
     * Before a multiplication nothing else is done.
     */
    public function chained(TypedLine $line): ?ReadSum
    {
        $words = $line->words;
        $tried = 0;
        for ($i = $words->count - 2; $i > $line->start && $tried < self::MOST_JOINS; --$i) {
            if (!$words->is($i, '+', '-', 'plus', 'minus', 'in')) {
                continue;
            }
            ++$tried;
            $sides = [$words->between(0, $i), $words->between($i + 1, $words->count)];
            // 10 min + 2 x 45 min; 9 am + 2 x 45 min
            foreach ($words->is($i, 'in') ? [0] : [0, 1] as $first) {
                $inner = ($this->line)($sides[$first]);
                try {
                    $found = ($this->found)($inner)?->sum;
                    $answer = null === $found || [] !== $found->readings() ? null : $found->answer();
                    if (!$answer instanceof LengthAnswer || null === $found || (1 === $first && !$found instanceof Product)) {
                        continue;
                    }
                    if (($found instanceof Product || $found instanceof Share) && 1 === preg_match('/\b(?:of|double|twice|treble|share)\b/i', $sides[$first])) {
                        // half of 2 h + 20 min: of the one, or of both?
                        return null;
                    }
                    $said = $this->plain->answer($answer);
                    $outer = ($this->found)(($this->line)(0 === $first ? $said.' '.$words->at($i).' '.$sides[1] : $sides[0].' '.$words->at($i).' '.$said))?->sum;
                    if ($outer instanceof Conversion && $said === $this->plain->answer($outer->answer())) {
                        // 15 min in min
                        return new ReadSum($found, []);
                    }
                    if (null !== $outer && [] === $outer->readings()) {
                        return new ReadSum(InTurn::of($found, $outer), []);
                    }
                } catch (CannotBeDone|MixedChains|TooLong|\InvalidArgumentException) {
                    continue;
                }
            }
        }

        return null;
    }

    /** The sum that brackets hold; null for anything else. */
    private function within(Brackets $pair): ?Sum
    {
        try {
            $inner = (($this->found)(($this->line)($pair->inside)) ?? $this->chained(($this->line)($pair->inside)))?->sum;
            $answer = null === $inner || [] !== $inner->readings() ? null : $inner->answer();
        } catch (CannotBeDone|MixedChains|TooLong|\InvalidArgumentException) {
            return null;
        }

        return $answer instanceof LengthAnswer || ($answer instanceof TimeAnswer && 0 === $answer->dayOffset) ? $inner : null;
    }
}
