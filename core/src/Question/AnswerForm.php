<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Sum\Sum;

/**
 * A way in which questions are answered, and, laid out for one question, its data: where the squares, the boxes, the
 * hands, the choices are. It draws nothing, so that paper, board and children's screens draw the same. One class each in
 * the folder Form; its public properties are its data.
 */
interface AnswerForm
{
    /** Where they are listed, those of higher precedence come first. */
    public static function precedence(): int;

    /** By which it is kept. The same as the public property `type`. */
    public function id(): string;

    /** As teachers say it: "circle one of four". */
    public function said(): string;

    /** @return list<string> ids of the methods for whose working it has room, the best first; none for the class's own */
    public function methods(): array;

    /** The form with its data for that question; null where it does not suit it, and it is answered in writing. */
    public function layOut(LayingOut $question): ?self;

    /** Whether the child draws the time that the question would otherwise show. */
    public function drawsTheTime(): bool;

    /** Whether anything is drawn for the answer. */
    public function isDrawn(): bool;

    /** What is to be done, where the question alone does not say it; may be empty. */
    public function hint(): string;

    /** What the line for writing is headed by; empty where there is no line. */
    public function rule(): string;

    /**
     * What is asked in this form.
     *
     * @param string $asked as it would be asked in writing
     */
    public function asks(string $asked, string $wording): string;

    /**
     * What is shown on clocks in this form.
     *
     * @param list<ShownClock> $clocks that the question speaks of
     *
     * @return list<ShownClock>
     */
    public function shows(array $clocks): array;

    /** The right answer in this form, for the key. */
    public function key(string $answer): string;

    /** Whether two questions in this form are rows of one table; a form that joins itself is a row, others are not. */
    public function joins(self $other): bool;

    /** Says of what a child answered in this form whether it is right, and what may have led to it. */
    public function judge(Sum $sum, string $written, Judge $judge): Judgement;
}
