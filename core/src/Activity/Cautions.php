<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** What a teacher is reminded of. Common practice, no source; the school's own risk assessment decides. */
final readonly class Cautions
{
    public const SPACE = 'Clear the space first, and look on while children hop, balance or flick counters.';
    public const CUTTING = 'Scissors and paper fasteners: by an adult, or with an adult watching.';
    public const LOUD = 'Try the sound beforehand: it may be too loud for some. The mark on the screen shows each stroke as well.';
    public const NOT_RANKED = 'Nothing here shows up one child: tally for all together, and praise coming nearer, not winning.';
    public const SCHOOL = 'Follow the school’s own risk assessment.';
}
