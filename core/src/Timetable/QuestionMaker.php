<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Features;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\TimeOfDay;

/** Makes questions about a timetable: no two alike, of as many kinds as the table and the level have. */
final readonly class QuestionMaker
{
    /** So often one of a kind is looked for, before the table is taken to have no more of it. */
    private const TRIES = 120;

    public function __construct(private Kinds $kinds, private MistakeBook $mistakes)
    {
    }

    /**
     * @param int           $count wanted; fewer where the table has no more
     * @param ?list<string> $kinds ids of the kinds wanted; null for those of the level
     *
     * @return list<TableQuestion>
     */
    public function make(ServiceTable $table, Level $level, int $count, int $seed, ?array $kinds = null, ?Writer $writer = null): array
    {
        $writer ??= Writer::plain();
        $dice = new Dice($seed);
        $there = [];
        foreach ($this->kinds->all as $id => $kind) {
            if (null === $kinds ? \in_array($level, $kind->levels(), true) : \in_array($id, $kinds, true)) {
                $there[$id] = $kind;
            }
        }
        $made = [];
        while ([] !== $there && \count($made) < $count) {
            foreach ($there as $id => $kind) {
                if (\count($made) === $count) {
                    break;
                }
                $question = $this->one($kind, $table, $level, $dice, $writer, $made);
                if (null === $question) {
                    unset($there[$id]);
                } else {
                    $made[$question->text] = $question;
                }
            }
        }

        return array_values($made);
    }

    /** @param array<string, TableQuestion> $made by text, not to be made again */
    private function one(Kind $kind, ServiceTable $table, Level $level, Dice $dice, Writer $writer, array $made): ?TableQuestion
    {
        $other = null;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $with = $kind->draw($table, $level, $dice);
            if (null === $with) {
                continue;
            }
            try {
                $question = $this->withMistakes($kind->pose($table, $with, $writer), $writer);
            } catch (NoSuchQuestion) {
                continue;
            }
            if (isset($made[$question->text]) || [] === $question->wrong) {
                continue;
            }
            if ($this->fits($question, $level)) {
                return $question;
            }
            // a real table may have nothing that is quite of the level
            $other ??= $question;
            if ($try > self::TRIES / 2) {
                return $other;
            }
        }

        return $other;
    }

    /** With what the usual mistakes in its sum lead to, where the answer to the last sum is the answer to the question. */
    public function withMistakes(TableQuestion $question, Writer $writer): TableQuestion
    {
        $last = $question->sums[\count($question->sums) - 1] ?? null;
        if (null === $last || !\is_string($question->answer->value)) {
            return $question;
        }
        $answer = $last->answer();
        $same = $answer instanceof LengthAnswer
            ? $answer->value() === $question->answer->value
            : $answer instanceof TimeAnswer && null !== $question->answer->time && $answer->time->minutes === $question->answer->time % TimeOfDay::DAY;
        $wrong = [];
        foreach ($same ? $this->mistakes->predict($last) : [] as $id => $given) {
            // a table's own way of counting past midnight, 24:10, is no mistake
            if ($given->text() !== $question->answer->value) {
                $wrong[$id] = new TableAnswer($given->shown($writer->style), $given->text());
            }
        }

        return new TableQuestion($question->kind, $question->text, $question->with, $question->answer, $question->sums, $question->steps, $question->wrong + $wrong);
    }

    /** Whether the sum behind it is of the level: nothing or one hour crossed at support, an hour crossed at stretch. */
    private function fits(TableQuestion $question, Level $level): bool
    {
        $crossed = 0;
        foreach ($question->sums as $sum) {
            $crossed = max($crossed, Features::of($sum)->oClocks);
        }

        return match ($level) {
            Level::Support => $crossed <= 1,
            Level::Core => true,
            Level::Stretch => [] === $question->sums || $crossed > 0,
        };
    }
}
