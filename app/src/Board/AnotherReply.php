<?php

declare(strict_types=1);

namespace Rostik\App\Board;

use Rostik\Core\Skill\AnotherSum;

/** Sums to go with one. */
final readonly class AnotherReply
{
    /**
     * @param list<AnotherSum> $alike  with the same features; none where there are no more
     * @param ?AnotherSum      $easier null at the bottom of the ladder
     * @param ?AnotherSum      $harder null at its top
     */
    public function __construct(public array $alike, public ?AnotherSum $easier, public ?AnotherSum $harder)
    {
    }
}
