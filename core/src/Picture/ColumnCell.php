<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A number in a column; where it was exchanged it is struck out and the new number stands above it. */
final readonly class ColumnCell
{
    /**
     * @param string       $instead the number written above, '' where the digits stand as they are
     * @param list<string> $within  what stands above each digit of the number as it now counts where a ten was exchanged
     *                              within it: 6 and 12 above 72; '' above a digit that stays; none where nothing was
     */
    public function __construct(public string $digits, public string $instead = '', public array $within = [])
    {
    }
}
