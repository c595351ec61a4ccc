<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** All numbers of one making of an activity: what is printed, and what the board is played with. One class in the folder Numbers for each sort of board. */
interface Numbers
{
    /**
     * For other programs: times as 08:05, lengths in minutes.
     *
     * @return array<string, mixed>
     */
    public function plain(): array;
}
