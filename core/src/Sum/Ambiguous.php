<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A sum that can be meant in more than one way. */
interface Ambiguous extends Sum
{
    /**
     * The ways in which the sum can be meant, where something that was not said changes the answer; none where it
     * does no harm.
     *
     * @return list<Reading>
     */
    public function readings(): array;
}
