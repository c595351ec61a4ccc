<?php

declare(strict_types=1);

namespace Rostik\App\Machine;

/** The machine, as an administrator sees it. */
final readonly class MachineReply
{
    /**
     * @param string  $version of the tables: the moment at which the last change of them was written
     * @param int     $room    on the disk, in MB
     * @param ?string $backup  when the last one was written, RFC 3339; null for never
     * @param int     $faults  of the last day, in the log
     */
    public function __construct(public string $version, public int $room, public ?string $backup, public int $faults)
    {
    }
}
