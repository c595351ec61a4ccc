<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** A sum that a problem may mean. */
final readonly class ToldSum
{
    /**
     * @param string $sum   canonical text
     * @param string $shown marked text
     */
    public function __construct(public string $sum, public string $shown, public WorkedAnswer $answer)
    {
    }
}
