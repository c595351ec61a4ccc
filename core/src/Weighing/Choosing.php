<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\Question;
use Rostik\Core\Question\Setting;
use Rostik\Core\Skill\Budget;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Skill\Rung;
use Rostik\Core\Sum\Sum;

/**
 * Chooses sums that tell mistakes apart. Two mistakes are told apart by a sum in which they lead to different answers,
 * or in which only one of them shows.
 *
 * A set is chosen greedily: each time the sum that adds most. What a set is worth (pairs told apart and mistakes shown,
 * each less the more often it has been) is monotone and submodular, so the greedy set is worth at least 1 - 1/e, or
 * 63 %, of the best one (G. L. Nemhauser, L. A. Wolsey, M. L. Fisher, "An analysis of approximations for maximizing
 * submodular set functions", Mathematical Programming 14, 1978).
 */
final readonly class Choosing
{
    /** Sums drawn to choose from. */
    private const POOL = 240;

    /** Of problems in words, which take longer to draw; about one of each story. */
    private const TOLD = 60;

    /** So much as a pair told apart once more weighs one that is told apart for the first time. */
    private const FIRST = 4.0;

    /** What a next answer is expected to be, of an ordinary child in each state ({@see Model}): right where nothing shows, where a mistake shows, of one who does something else; that of the mistake; that of a mistake by a slip, or by chance. */
    private const RIGHT = 0.9;
    private const RIGHT_THOUGH = 0.1;
    private const RIGHT_ELSE = 0.3;
    private const SHOWN = 0.8;
    private const SLIPPED = 0.001;
    private const BY_CHANCE = 0.2;

    /** The state of a child that does something else. */
    private const ELSE = '?';

    private Writer $plain;

    public function __construct(
        private Generator $generator,
        private Forms $forms,
        private MistakeBook $book,
        private Weighing $weighing,
    ) {
        $this->plain = Writer::plain();
    }

    /**
     * @param int          $count  1 or more; there may be fewer, where there are no more sums
     * @param int          $seed   the same seed gives the same set
     * @param Limits       $limits what else is wanted of the sums
     * @param list<string> $wanted mistakes that the set is to bring to light; empty for those the rung looks for
     * @param Budget       $budget how much is drawn at the most
     */
    public function choose(Rung $rung, Level $level, int $count, int $seed, Limits $limits = new Limits(), array $wanted = [], Budget $budget = new Budget()): Chosen
    {
        $questions = $this->questions($rung, $level, $seed, $limits, $budget);
        $pool = $this->predicted($questions);
        $mistakes = $this->shown($rung, $pool, $wanted);
        $pairs = Pairs::of($mistakes);
        $best = [];
        $separated = [];
        foreach ($pool as $text => $predicted) {
            $separated[$text] = $pairs->separatedBy($predicted);
            $best += array_flip($separated[$text]);
        }
        $chosen = [];
        $found = [];
        $shown = [];
        while (\count($chosen) < $count && [] !== $pool) {
            $most = -1.0;
            $pick = array_key_first($pool);
            foreach ($pool as $text => $predicted) {
                $worth = 0.0;
                foreach ($separated[$text] as $pair) {
                    // two that no sum tells apart yet cannot be told at all
                    $worth += isset($found[$pair]) ? 0.4 ** $found[$pair] : self::FIRST;
                }
                foreach ($mistakes as $id) {
                    if (isset($predicted[$id])) {
                        // the first few times count most: one answer may be a slip
                        $worth += \count($mistakes) * 0.6 ** ($shown[$id] ?? 0);
                    }
                }
                if ($worth > $most + 1e-9) {
                    $most = $worth;
                    $pick = $text;
                }
            }
            foreach ($separated[$pick] as $pair) {
                $found[$pair] = ($found[$pair] ?? 0) + 1;
            }
            foreach ($mistakes as $id) {
                if (isset($pool[$pick][$id])) {
                    $shown[$id] = ($shown[$id] ?? 0) + 1;
                }
            }
            $chosen[] = (string) $pick;
            unset($pool[$pick]);
        }

        return new Chosen(array_values(array_map(static fn (string $text): Question => $questions[$text], $chosen)), $chosen, \count($found), \count($best), $mistakes);
    }

    /** How many pairs of the mistakes of a rung a given set tells apart. */
    public function separated(Rung $rung, Level $level, int $seed, Sum ...$sums): int
    {
        $found = [];
        $pairs = Pairs::of($this->shown($rung, $this->predicted($this->questions($rung, $level, $seed))));
        foreach ($sums as $sum) {
            $found += array_flip($pairs->separatedBy($this->book->predict($sum)));
        }

        return \count($found);
    }

    /**
     * The sum whose answer is expected to say most about this child: the one with the largest expected information
     * (mutual information of answer and state; C. E. Shannon, 1948), in bits.
     *
     * @param list<Judgement> $sofar the child's answers so far
     *
     * @return ?string canonical text; null where there is no sum left
     */
    public function next(Rung $rung, Level $level, array $sofar, int $seed, string ...$asked): ?string
    {
        $pool = $this->predicted($this->questions($rung, $level, $seed));
        $mistakes = $this->shown($rung, $pool);
        $known = $this->weighing->states($sofar, array_fill_keys($mistakes, true));
        $states = ['' => $known->secureNow(), self::ELSE => $known->else, ...$known->now];
        // mistakes that no answer could yet have shown are as likely as at first
        foreach ($mistakes as $id) {
            $states[$id] ??= Model::ONE / max(1, \count($mistakes));
        }
        $sum = array_sum($states);
        $best = -1.0;
        $pick = null;
        foreach ($pool as $text => $predicted) {
            if (\in_array((string) $text, $asked, true)) {
                continue;
            }
            $information = $this->information($states, $sum, $predicted);
            if ($information > $best) {
                $best = $information;
                $pick = (string) $text;
            }
        }

        return $pick;
    }

    /**
     * @param array<string, float> $states
     * @param array<string, Given> $predicted
     */
    private function information(array $states, float $sum, array $predicted): float
    {
        // outcomes: right, each answer that some mistake leads to, anything else
        $answers = [];
        foreach ($predicted as $given) {
            $answers[$given->text()] = true;
        }
        $outcomes = ['right', ...array_keys($answers), 'other'];
        $joint = [];
        $total = [];
        foreach ($states as $state => $weight) {
            $probability = $weight / $sum;
            $shows = [];
            foreach (\in_array($state, ['', self::ELSE], true) ? [] : explode('+', $state) as $id) {
                if (isset($predicted[$id])) {
                    $shows[$predicted[$id]->text()] = true;
                }
            }
            $rest = 1.0;
            foreach ($outcomes as $outcome) {
                $p = match (true) {
                    'other' === $outcome => max(0.0, $rest),
                    'right' === $outcome => match (true) {
                        self::ELSE === $state => self::RIGHT_ELSE,
                        [] === $shows => self::RIGHT,
                        default => self::RIGHT_THOUGH,
                    },
                    self::ELSE === $state => self::BY_CHANCE / \count($answers),
                    isset($shows[$outcome]) => self::SHOWN / \count($shows),
                    default => self::SLIPPED,
                };
                $rest -= $p;
                $joint[$state][$outcome] = $p;
                $total[$outcome] = ($total[$outcome] ?? 0.0) + $probability * $p;
            }
        }
        $bits = 0.0;
        foreach ($states as $state => $weight) {
            foreach ($joint[$state] ?? [] as $outcome => $p) {
                if ($p > 0 && ($total[$outcome] ?? 0.0) > 0) {
                    $bits += $weight / $sum * $p * log($p / $total[$outcome], 2);
                }
            }
        }

        return $bits;
    }

    /** @return array<string, Question> by the canonical text of its sum; a problem by its words with the sum behind them in brackets */
    private function questions(Rung $rung, Level $level, int $seed, Limits $limits = new Limits(), Budget $budget = new Budget()): array
    {
        $questions = [];
        foreach ($this->generator->draw($rung, $level, Setting::Told === $rung->setting ? self::TOLD : self::POOL, $seed, $limits, budget: $budget)->questions as $question) {
            $sum = $this->forms->write($question->sum, $this->plain);
            // what is told shows more than its sum alone
            $questions['' === $question->wording ? $sum : \sprintf('%s [%s]', $question->wording, $sum)] = $question;
        }

        return $questions;
    }

    /**
     * @param array<string, Question> $questions
     *
     * @return array<string, array<string, Given>> what the sum of each can show, by its canonical text
     */
    private function predicted(array $questions): array
    {
        return array_map(fn (Question $question): array => $this->book->predict($question->sum, words: $question->wording), $questions);
    }

    /**
     * The mistakes to look for on this rung that its sums can show; all that they can show, where the rung names none.
     *
     * @param array<string, array<string, Given>> $pool
     * @param list<string>                        $wanted those alone, where any of them can be shown
     *
     * @return list<string>
     */
    private function shown(Rung $rung, array $pool, array $wanted = []): array
    {
        $can = [];
        foreach ($pool as $predicted) {
            $can += $predicted;
        }
        $asked = array_values(array_filter($wanted, static fn (string $id): bool => isset($can[$id])));
        $named = [] !== $asked ? $asked : array_values(array_filter($rung->mistakes, static fn (string $id): bool => isset($can[$id])));

        return [] === $named ? array_keys($can) : $named;
    }
}
