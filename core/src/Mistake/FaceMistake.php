<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

/** A mistake in reading the hands of a clock: it can show only where a face is seen, and not where the time is told in words. */
interface FaceMistake extends Mistake
{
}
