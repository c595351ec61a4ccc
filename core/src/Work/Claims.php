<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Sum\RangeAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WordAnswer;

/** Judges answers that were typed behind the equals sign. */
final readonly class Claims
{
    public function __construct(private Judge $judge, private MistakeBook $book)
    {
    }

    /** @param string $answer the right one, as it is written */
    public function judge(Sum $sum, string $claimed, string $answer): Claim
    {
        $judged = $this->judge->judge($sum, $claimed, $this->book->predict($sum, false));
        $end = str_ends_with($answer, '.') ? '' : '.';
        if ($sum->plain()->answer() instanceof RangeAnswer) {
            // 1 year = 365 days: it holds nearly, or sometimes
            return new Claim($claimed, false, \sprintf('Not exactly: it is %s%s', $answer, $end), []);
        }

        return new Claim($claimed, $judged->verdict->isRight(), match ($judged->verdict) {
            Verdict::Right => 'That is right.',
            Verdict::OtherForm => \sprintf('That is right; it is usually written %s%s', $answer, $end),
            Verdict::Incomplete => \sprintf('That is right as far as it goes. In full it is %s%s', $answer, $end),
            Verdict::Wrong => \sprintf('That is not right: %s %s%s', $sum->plain()->answer() instanceof WordAnswer ? 'the answer is' : 'it is', $answer, $end).($judged->slip ? ' It may be a slip.' : ''),
            default => \sprintf('“%s” could not be read as an answer. It is %s%s', $claimed, $answer, $end),
        }, array_map(fn (string $id): string => $this->book->mistake($id)->may(), $judged->fits));
    }
}
