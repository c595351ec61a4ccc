<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A sum that is done in several steps, each a plain sum of its own that begins with what the last one came to. */
interface InSteps extends Sum
{
    /** How many steps there are, 2 or more. */
    public function steps(): int;

    /** @return list<int> 1 for each step that adds, -1 for each that takes away */
    public function signs(): array;

    /**
     * One of the steps.
     *
     * @param int    $i      from 0
     * @param Answer $before what the steps before came to, rightly or not, in order; none for the first step
     *
     * @throws CannotBeDone              when it does not go on from such an answer
     * @throws \Rostik\Core\Time\TooLong
     */
    public function step(int $i, Answer ...$before): Sum;
}
