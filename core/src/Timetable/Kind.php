<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * A kind of question about a timetable, with all that it knows: what is asked, the answer, the sums, the steps on the
 * table, and where misreadings lead. One class each in the folder Kind.
 */
interface Kind
{
    /** Where they are listed, those of higher precedence come first. */
    public static function precedence(): int;

    public function id(): string;

    /** As teachers say it: "the next one, and the wait". */
    public function said(): string;

    /** The rung that it belongs to. */
    public function rung(): string;

    /** @return list<Level> at which it is usually asked */
    public function levels(): array;

    /** Something to ask about that table; it may have no single answer, which {@see pose()} finds out. Null where the table has nothing of the kind. */
    public function draw(ServiceTable $table, Level $level, Dice $dice): ?With;

    /** @throws NoSuchQuestion where the table does not answer it, or not with one answer that every sensible reading agrees on */
    public function pose(ServiceTable $table, With $with, Writer $writer): TableQuestion;
}
