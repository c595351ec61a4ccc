<?php

declare(strict_types=1);

namespace Rostik\App\Machine;

/** Whether all is well. */
final readonly class HealthReply
{
    /**
     * @param bool $disk  whether there is room
     * @param bool $paper whether a PDF would be made at once; false where it would wait for its turn
     */
    public function __construct(public bool $well, public bool $database, public bool $disk, public bool $paper)
    {
    }
}
