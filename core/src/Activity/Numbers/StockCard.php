<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;

/** A card of the stock, and the time that it leads to. */
final readonly class StockCard
{
    /**
     * @param int $hour   on the hour card that answers it, 1 to 12
     * @param int $minute on the minute card that answers it, 0 to 59
     */
    public function __construct(public Moment $shows, public Moment $answer, public int $hour, public int $minute)
    {
    }
}
