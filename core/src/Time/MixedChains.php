<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** Months or years were put together with weeks, days or anything smaller. */
final class MixedChains extends \DomainException
{
    public function __construct()
    {
        parent::__construct('Months and days do not go together exactly: a month has 28, 29, 30 or 31 days.');
    }
}
