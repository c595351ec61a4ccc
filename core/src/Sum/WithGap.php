<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** A sum with a part to be found: it is answered by turning it round into a plain one. */
interface WithGap extends Sum
{
    /** The plain sum that answers it. */
    public function turnedRound(): Sum;
}
