<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

/** Neighbouring rungs of the ladder. One class in the folder Rungs each. */
interface Rungs
{
    /** Those of higher precedence stand lower on the ladder. */
    public static function precedence(): int;

    /** @return list<Rung> from the bottom up */
    public function all(): array;
}
