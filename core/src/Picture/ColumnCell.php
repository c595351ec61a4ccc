<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A number in a column; where it was exchanged it is struck out and the new number stands above it. */
final readonly class ColumnCell
{
    /** @param string $instead the number written above, '' where the digits stand as they are */
    public function __construct(public string $digits, public string $instead = '')
    {
    }
}
