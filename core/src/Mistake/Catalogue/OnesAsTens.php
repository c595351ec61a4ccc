<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Mistake\DigitsMistake;

/**
 * Writes up to five minutes past in the place of the tens: 5 past 4 = 4:50.
 *
 * Common practice, no source.
 */
final class OnesAsTens extends DigitsMistake
{
    public function id(): string
    {
        return 'ones-as-tens';
    }

    public function may(): string
    {
        return 'may be writing few minutes as tens, without the nought before them';
    }

    public function look(): string
    {
        return 'Where do the ones of the minutes stand? What stands before them?';
    }

    protected function written(int $hour, int $minute): ?array
    {
        return $minute < 1 || $minute > 5 ? null : [$hour, 10 * $minute];
    }
}
