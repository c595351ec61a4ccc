<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Notation\ReadSum;
use Rostik\Core\Problem\ReadProblem;

/** A typed line as it was understood. */
final readonly class Understood
{
    /** @param ?ReadProblem $told the problem in words that the sum answers; null where only a sum was typed */
    public function __construct(public ReadSum $read, public ?ReadProblem $told)
    {
    }
}
