<?php

declare(strict_types=1);

namespace Rostik\Core\Weighing;

/** What a set of questions can bring to light. */
final readonly class Separated
{
    /**
     * @param array<string, list<int>>    $mistakes  the places, from 0, of the questions in which each usual mistake shows
     * @param int                         $separated pairs of these mistakes that the set tells apart
     * @param int                         $of        pairs that could be told apart by questions of this kind
     * @param list<array{string, string}> $blurred   pairs that could be told apart, and are not
     * @param ?Swap                       $swap      what would tell more; null where nothing would
     */
    public function __construct(public array $mistakes, public int $separated, public int $of, public array $blurred, public ?Swap $swap)
    {
    }
}
