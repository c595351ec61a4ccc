<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;

/** How one kind of sum is written in a line of text: its reader and its writer. One class in the folder Form each. */
interface Form
{
    public function kind(): Kind;

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
    public function read(Line $line): array;

    /** @param Sum $sum of this kind; others give an empty text */
    public function write(Sum $sum, Writer $writer): string;
}
