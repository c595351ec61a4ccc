<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\InTurn;
use Rostik\Core\Sum\Sum;

/** A question that a problem asks. */
final readonly class ReadQuestion
{
    /**
     * @param list<Sum> $sums    the last one gives the answer; none where it could not be read
     * @param list<Sum> $instead where it is not sure: what it may mean, each one sum or several in turn
     */
    public function __construct(public string $ask, public array $sums, public array $instead = [])
    {
    }

    /** One sum, or several in turn; null where it could not be read. */
    public function sum(): ?Sum
    {
        return isset($this->sums[1]) ? InTurn::of($this->sums[0], $this->sums[1], ...\array_slice($this->sums, 2)) : $this->sums[0] ?? null;
    }
}
