<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

/** A mistake that is made with a problem as a whole, and not in one of its sums. */
interface OfTheWhole extends Mistake
{
}
