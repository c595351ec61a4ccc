<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** A length beyond all that is reckoned with here ({@see Duration::MOST_TENTHS}). */
final class TooLong extends \DomainException
{
    public function __construct()
    {
        parent::__construct('That is longer than ten thousand years. Try a shorter length.');
    }
}
