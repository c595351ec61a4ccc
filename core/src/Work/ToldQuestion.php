<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

/** A question that a problem asks, as it was understood. */
final readonly class ToldQuestion
{
    /**
     * @param ?ToldSum      $means    null where it could not be read, or it is only guessed
     * @param ?string       $sentence its answer in a sentence, plain; null where there is none
     * @param list<ToldSum> $instead  what it may mean, where that is not sure
     */
    public function __construct(public string $ask, public ?ToldSum $means, public ?string $sentence, public array $instead)
    {
    }
}
