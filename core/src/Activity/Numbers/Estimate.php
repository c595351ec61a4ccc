<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** A length of time to be felt. */
final readonly class Estimate implements Numbers
{
    public const TYPE = 'estimate';

    public string $type;

    /**
     * @param int    $target  in seconds
     * @param float  $exactly off by no more seconds than this counts as exactly
     * @param int    $tries   of each child
     * @param string $doing   what is done meanwhile, in words
     */
    public function __construct(public int $target, public float $exactly, public int $tries, public string $doing)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['seconds' => $this->target, 'exactly' => $this->exactly, 'tries' => $this->tries, 'doing' => $this->doing];
    }
}
