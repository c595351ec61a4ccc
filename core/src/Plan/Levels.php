<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Skill\Level;

/** How many sheets of each level a class needs: by how its children stand, or by common practice (no source) where nothing was seen. */
final readonly class Levels
{
    private const SUPPORT = 0.3;
    private const STRETCH = 0.25;

    /** @return array<string, int> by level; together as many as there are children */
    public static function of(Known $known): array
    {
        $unseen = max(0, $known->children - $known->seen());
        $support = $known->notYet + (int) round(self::SUPPORT * $unseen);
        $stretch = $known->secure + (int) round(self::STRETCH * $unseen);

        return [Level::Support->value => $support, Level::Core->value => max(0, $known->children - $support - $stretch), Level::Stretch->value => min($stretch, max(0, $known->children - $support))];
    }
}
