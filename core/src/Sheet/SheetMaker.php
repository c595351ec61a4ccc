<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Problem\StoryMaker;
use Rostik\Core\Problem\StoryWishes;
use Rostik\Core\Problem\Told;
use Rostik\Core\Question\Question;
use Rostik\Core\Sequence\Pool;
use Rostik\Core\Skill\Another;
use Rostik\Core\Skill\Budget;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Limits;
use Rostik\Core\Weighing\Choosing;

/**
 * Makes the questions of a sheet from its aims: as many of each rung as asked for, at one level, no two alike, the
 * easier rungs first. The same seed gives the same sheet.
 */
final readonly class SheetMaker
{
    /** The most questions on a sheet. */
    public const MOST = 60;

    private Writer $plain;

    public function __construct(private Generator $generator, private Choosing $choosing, private Another $another, private SumReader $reader, private Forms $forms, private StoryMaker $stories, private Pool $pool)
    {
        $this->plain = Writer::plain();
    }

    /**
     * @param list<Aim>    $aims      from the bottom of the ladder up
     * @param list<string> $mistakes  that the questions are to bring to light and tell apart; empty for any numbers
     * @param bool         $challenge whether something harder is wanted for the end
     * @param Style        $style     the way of writing of what is told
     * @param StoryWishes  $wishes    of what is told
     * @param bool         $mixed     whether the questions stand as they come, and not each aim's from the easiest to the hardest
     * @param Budget       $budget    how much is drawn at the most, for this sheet and others of the same request
     */
    public function make(array $aims, Level $level, int $seed, Limits $limits, array $mistakes = [], bool $challenge = false, Style $style = new Style(), StoryWishes $wishes = new StoryWishes(), Budget $budget = new Budget(), bool $mixed = false): MadeSheet
    {
        $questions = [];
        $shortages = [];
        foreach ($aims as $i => $aim) {
            // more than are needed: rungs overlap, and a sheet has no question twice
            $wanted = $aim->count + \count($questions);
            $start = $seed + 7919 * $i + 104729 * (int) array_search($level, Level::cases(), true);
            // a set of stories mixes what is added with what is taken away
            $drawn = match (true) {
                $budget->isSpent() => [],
                $this->stories->tells($aim->rung) && ($wishes->isAny() || ([] === $mistakes && $limits == new Limits())) => $this->told($aim, $level, $wanted, $start, $limits, $style, $wishes, $budget),
                [] === $mistakes => $this->generator->draw($aim->rung, $level, $wanted, $start, $limits, $style, $budget)->questions,
                !$budget->allows(Budget::POOL) => [],
                default => $this->choosing->choose($aim->rung, $level, $wanted, $start, $limits, $mistakes, $budget)->questions,
            };
            $own = [];
            foreach ($drawn as $question) {
                $text = $this->forms->write($question->sum, $this->plain);
                if (\count($own) < $aim->count && !isset($questions[$text])) {
                    $own[$text] = $question;
                }
            }
            $questions += $mixed ? $own : $this->growing($own);
            if (\count($own) < $aim->count) {
                $shortages[] = new Shortage($aim->rung->id, $aim->count, \count($own), $budget->isSpent());
            }
        }
        if ($mixed && \count($aims) > 1) {
            $all = $questions;
            $questions = [];
            foreach ((new Dice($seed))->shuffle(array_keys($all)) as $text) {
                $questions[$text] = $all[$text];
            }
        }

        return new MadeSheet($level, array_values($questions), $shortages, $challenge ? $this->challenge($questions, $seed) : null);
    }

    /**
     * @param array<string, Question> $questions by their text
     *
     * @return array<string, Question> as they grow: from the easiest to the hardest; those that are as hard as they came
     */
    private function growing(array $questions): array
    {
        $number = array_map(fn (Question $one): float => $this->pool->exercise($one)->number, $questions);
        uksort($questions, static fn (string $a, string $b): int => $number[$a] <=> $number[$b]);

        return $questions;
    }

    /** @return list<Question> a set of stories; more are told than are wanted, since some do not keep to the level */
    private function told(Aim $aim, Level $level, int $wanted, int $seed, Limits $limits, Style $style, StoryWishes $wishes, Budget $budget): array
    {
        if (!$budget->allows(2 * $wanted * Budget::TOLD)) {
            return [];
        }
        $told = $this->stories->make($aim->rung, $level, 2 * $wanted + 6, $seed, $style, $wishes);

        return array_values(array_filter(
            array_map(static fn (Told $one): Question => $one->question(), $told),
            fn (Question $one): bool => $limits->allow(Features::of($one->sum)) && $this->generator->fits($aim->rung, $level, $one->sum),
        ));
    }

    /**
     * Something a step harder than the last question.
     *
     * @param array<string, Question> $questions by their text
     */
    private function challenge(array $questions, int $seed): ?Question
    {
        foreach (array_reverse($questions) as $question) {
            $harder = $this->another->harder($question->sum, $seed, true);
            if (null !== $harder && !isset($questions[$harder->sum])) {
                return new Question($this->reader->read($harder->sum)->sum, challenge: true);
            }
        }

        return null;
    }
}
