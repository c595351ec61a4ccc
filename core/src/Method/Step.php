<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Picture\Picture;

/** One step of a working: what a teacher would say, and the model as it then stands. */
final readonly class Step
{
    public string $say;

    /**
     * @param string   $say     marked text
     * @param ?Changed $changed what this step changed on the clock, for a move on the clock
     * @param ?int     $at      where the clock stands after it, in minutes (with a fraction, to the second) since the midnight before the start (below 0
     *                          or beyond 1439 on another day); null where the step does not say
     */
    public function __construct(string $say, public Picture $picture, public ?Changed $changed = null, public int|float|null $at = null)
    {
        // a sentence that ends in "p.m." takes no second full stop
        $this->say = str_replace(['.m..', '.m.}.'], ['.m.', '.m.}'], $say);
    }
}
