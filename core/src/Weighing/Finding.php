<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/** A mistake that a child may have. */
final readonly class Finding
{
    /**
     * @param string    $mistake     id
     * @param float     $probability 0 to 1
     * @param list<int> $evidence    places of the answers that speak for it, counted from 0
     * @param list<int> $against     places of the answers that speak against it: it would have shown, and did not
     * @param bool      $perhaps     whether it rests on one answer only, or another is as likely
     * @param bool      $lately      whether the child is likely to have it still; otherwise it had it, and has lost it since
     */
    public function __construct(public string $mistake, public float $probability, public array $evidence, public array $against, public bool $perhaps = false, public bool $lately = true)
    {
    }
}
