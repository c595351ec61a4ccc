<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Work\Understanding;

/** Judges and weighs the answers of one child. A class answers the same sums, so what they can show is worked out once. */
final class Diagnostician
{
    /** Sums kept in mind at the most. */
    private const MOST = 5000;

    /** Answers kept in mind at the most: a class writes the same ones. */
    private const MOST_ANSWERS = 20000;

    /** @var array<string, Judgement> by sum and answer */
    private array $judgements = [];

    /** @var array<string, array{Sum, array<string, Given>, array<string, true>}> by text: the sum, what mistakes lead to, and which are looked for on its rungs */
    private array $sums = [];

    public function __construct(
        private readonly Understanding $understanding,
        private readonly MistakeBook $book,
        private readonly Judge $judge,
        private readonly Weighing $weighing,
        private readonly Ladder $ladder,
    ) {
    }

    /**
     * @param list<array{string, string}> $answers sums, each with what was written
     *
     * @throws NotUnderstood when a sum cannot be read
     */
    public function diagnose(array $answers): Diagnosis
    {
        $judgements = [];
        $usual = [];
        foreach ($answers as [$sum, $written]) {
            $judgements[] = $this->judge($sum, $written);
            $usual += $this->usual($sum);
        }

        return $this->weighing->weigh($judgements, $usual);
    }

    /**
     * The judgement of the right answer, where a tick is all that is known; null where the sum has no one answer.
     *
     * @throws NotUnderstood when the sum cannot be read
     */
    public function ticked(string $text): ?Judgement
    {
        $right = $this->judge($text, '')->expected?->text();

        return null === $right ? null : $this->judge($text, $right);
    }

    /** @throws NotUnderstood when the sum cannot be read */
    public function judge(string $text, string $written): Judgement
    {
        if (!isset($this->sums[$text])) {
            if (\count($this->sums) >= self::MOST) {
                $this->sums = [];
            }
            $understood = $this->understanding->of($text);
            $sum = $understood->read->sum;
            $this->sums[$text] = [$sum, $this->book->predict($sum, words: $understood->told->text ?? ''), $this->lookedFor($sum, null !== $understood->told)];
        }
        if (\count($this->judgements) >= self::MOST_ANSWERS) {
            $this->judgements = [];
        }
        [$sum, $predicted] = $this->sums[$text];

        return $this->judgements[$text."\0".$written] ??= $this->judge->judge($sum, $written, $predicted);
    }

    /**
     * @param string $text of a sum that has been judged
     *
     * @return array<string, true> mistakes that are looked for where such sums are learned
     */
    public function usual(string $text): array
    {
        return $this->sums[$text][2] ?? [];
    }

    /** @return array<string, true> */
    private function lookedFor(Sum $sum, bool $told): array
    {
        $usual = [];
        foreach ([...$this->ladder->exercisedBy($sum), ...($told ? [$sum instanceof InTurn ? 'two-step-problem' : 'one-step-problem'] : [])] as $rung) {
            $usual += array_fill_keys($this->ladder->rung($rung)->mistakes, true);
        }

        return $usual;
    }
}
