<?php

declare(strict_types=1);

namespace Rostik\App\Search;

/** Something of the teacher's own that was found. */
final readonly class FoundReply
{
    /**
     * @param string $id   of the thing; of a problem, of its sheet
     * @param string $name as it is called
     * @param string $more where it is, or when; may be empty
     */
    public function __construct(public FoundKind $kind, public string $id, public string $name, public string $more)
    {
    }
}
