<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** Something that waits to be done. */
final readonly class WaitingReply
{
    /**
     * @param string $kind "after" for a lesson that nothing is said of, "ticket" for tickets that are not marked, "pile" for papers begun, "groups"
     * @param string $id   of the lesson, the sheet, the pile
     * @param string $what in words
     * @param string $more what belongs to it: "24 papers"; may be empty
     */
    public function __construct(public string $kind, public string $id, public string $what, public string $more)
    {
    }
}
