<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

use Rostik\Core\Skill\Level;

/** The questions of a sheet that was made for its aims. */
final readonly class MadeSheet
{
    /**
     * @param list<string>   $sums      canonical text, no two alike
     * @param list<Shortage> $shortages aims for which there were not as many different questions as asked for
     * @param ?string        $challenge something harder for the end; null where none was wanted or there is none
     */
    public function __construct(public Level $level, public array $sums, public array $shortages, public ?string $challenge = null)
    {
    }
}
