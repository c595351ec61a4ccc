<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** A warm-up, game, sort or something to make: what it is for, and its numbers from a seed. One class in the folder Game each. */
interface Activity
{
    /** Those of higher precedence are listed first. */
    public static function precedence(): int;

    public function intro(): Intro;

    /** The same seed gives the same numbers. */
    public function make(Wanted $wanted): Made;
}
