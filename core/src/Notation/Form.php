<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Sum;

/**
 * The language of a kind of sum: how it is written in a line of text and read from one, and how it is asked. One class
 * in the folder Form each; what most have in common is in {@see UsualWording}.
 */
interface Form
{
    /** @return non-empty-list<class-string<Sum>> the sums that it writes; every other method is only asked of these */
    public static function sums(): array;

    /** Lines are held against the forms in turn, those of higher precedence first; the first that fits is taken. */
    public static function precedence(): int;

    /**
     * Every way in which the whole line is a sum of this kind.
     *
     * @return list<Sum>
     *
     * @throws \Rostik\Core\Sum\CannotBeDone when it is one, and its parts do not go together
     * @throws \Rostik\Core\Time\MixedChains when it puts months together with days
     * @throws \Rostik\Core\Time\TooLong     when a length comes to more than ten thousand years
     */
    public function read(TypedLine $line): array;

    /** As a line of the notation; reading it gives the same sum. */
    public function write(Sum $sum, Writer $writer): string;

    /** The sum with its answer; null where that is simply "sum = answer". */
    public function solved(Sum $sum, Answer $answer, Writer $writer): ?string;

    /** As a question on paper: "Put in order: …", "3 days ___ 70 h     Write <, > or =." */
    public function put(Sum $sum, Writer $writer): string;

    /** What is said of it, to be called true or false. */
    public function claim(Sum $sum, string $answer, Writer $writer): string;

    /** Asked in words, its times spoken: "What time is it 20 min after ten past three?"; null where it is not. */
    public function inWords(Sum $sum, Writer $writer): ?string;

    /** Asked beside clocks that show its times; null where it is not. */
    public function byClocks(Sum $sum, Writer $writer): ?string;

    /** What is said where a sum with a part missing has been turned round into this one, without its full stop. */
    public function turnedRound(Sum $sum, Writer $writer): string;
}
