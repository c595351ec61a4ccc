<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

use Rostik\Core\Judging\Judgement;

/** An answer as it is judged and as it counts. */
final readonly class Marked
{
    /**
     * @param ?Judgement   $judgement null where only a sign was given
     * @param list<string> $fits      ids of the mistakes, or misreadings, of which it is the very answer
     * @param bool         $followed  whether a second step is right from the child's own first answer
     */
    public function __construct(public Counts $counts, public ?Judgement $judgement, public array $fits = [], public bool $followed = false)
    {
    }
}
