<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Timetable\TableReply;
use Rostik\Core\Method\Step;
use Rostik\Core\Notation\Aloud;
use Rostik\Core\Practice\Offer;
use Rostik\Core\Practice\Pad;
use Rostik\Core\Practice\Signal;
use Rostik\Core\Practice\Usual;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\Choice;
use Rostik\Core\Question\Form\InTable;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\ShownClock;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\TableStep;

/** A question as a child gets it. */
final readonly class OfferReply
{
    /**
     * @param int              $place      from 0
     * @param string           $turn       whose turn it is, where two sit there; empty for one alone
     * @param string           $asked      marked text
     * @param string           $task       what is to be found; may be empty
     * @param list<FaceReply>  $clocks
     * @param list<Step>       $steps      of it
     * @param string           $answer     marked text
     * @param list<UsualReply> $usual
     * @param ?TableReply      $table      the timetable to be read; null where there is none
     * @param list<TableStep>  $reading    where to look in it, step by step
     * @param string           $aloud      the question, what to do, and what there is to choose from, as a voice reads them
     * @param int              $turns      minutes by which a key turns the minute hand: as fine as the level, and as the answer
     * @param list<string>     $stepsAloud the same of the steps, or of those in the timetable
     */
    public function __construct(
        public string $id,
        public int $place,
        public string $turn,
        public string $asked,
        public string $task,
        public array $clocks,
        public bool $roman,
        public AnswerForm $form,
        public Pad $pad,
        public array $steps,
        public string $answer,
        public array $usual,
        public ?TableReply $table,
        public array $reading,
        public string $aloud,
        public array $stepsAloud,
        public int $turns,
    ) {
    }

    public static function of(Put $put, Offer $offer, ?TableReply $table): self
    {
        $seat = $put->seat();

        return new self(
            $put->id()->toRfc4122(),
            $put->place(),
            null === $seat->partner() ? '' : $seat->nameOf($put->child()),
            $offer->asked,
            $offer->task,
            array_map(static fn (ShownClock $clock): FaceReply => new FaceReply(null === $clock->time->second ? $clock->time->minutes : $clock->time->inSeconds() / 60, null !== $clock->time->second, $clock->half), $offer->clocks),
            $offer->roman,
            // which mistake leads to which choice is for teachers
            $offer->form instanceof OneOfFour ? new OneOfFour(array_map(static fn (Choice $one): Choice => new Choice($one->text, null), $offer->form->choices)) : $offer->form,
            $offer->pad,
            $offer->steps,
            $offer->answer,
            array_map(static fn (Usual $one): UsualReply => new UsualReply($one->text, $one->reaction->signal, $one->reaction->say, $one->reaction->read, $one->hands, Aloud::said($one->reaction->say)), $offer->usual),
            $table,
            $offer->reading,
            Aloud::said($offer->asked, $offer->task, ...self::choices($offer)),
            array_map(static fn (Step|TableStep $step): string => Aloud::said($step->say), [] === $offer->steps ? $offer->reading : $offer->steps),
            self::turns($offer, $put->level()),
        );
    }

    /** @return list<string> what there is to choose from, to put in order, or to fill in */
    private static function choices(Offer $offer): array
    {
        if ($offer->form instanceof InTable) {
            return array_map(static fn (string $head, ?string $cell): string => $head.': '.(null === $cell ? 'what?' : $cell), $offer->form->heads, $offer->form->cells);
        }

        // signs are said by their buttons
        return array_values(array_filter([...$offer->pad->choose, ...$offer->pad->order], static fn (string $one): bool => 1 === preg_match('/\p{L}|\d/u', $one)));
    }

    private static function turns(Offer $offer, Level $level): int
    {
        // six degrees are a minute
        $fine = array_filter($offer->usual, static fn (Usual $one): bool => Signal::Right === $one->reaction->signal && null !== $one->hands && 0 !== (int) round($one->hands[1] / 6) % $level->step());

        return [] === $fine ? $level->step() : 1;
    }
}
