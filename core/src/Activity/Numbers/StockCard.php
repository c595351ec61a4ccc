<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;

/** A card of the stock, and the time that it leads to. */
final readonly class StockCard
{
    public function __construct(public Moment $shows, public Moment $answer)
    {
    }
}
