<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** A pile in the list of all. */
final readonly class PileLineReply
{
    /**
     * @param string $on     2027-03-11
     * @param int    $papers those that are there
     * @param int    $marked papers on which something is marked
     */
    public function __construct(public string $id, public string $title, public string $on, public string $className, public int $papers, public int $marked)
    {
    }
}
