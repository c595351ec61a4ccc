<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

/** A method that applies to a sum, with how well it suits. */
final readonly class Chosen
{
    public function __construct(public Method $method, public Suit $suit)
    {
    }
}
