<?php

declare(strict_types=1);

namespace Rostik\Core\Time;

/** The hour hand does not stand where it should for the minutes that the minute hand shows. */
final class HandsDisagree extends \DomainException
{
    /**
     * @param int   $minute what the minute hand shows, 0 to 59
     * @param float $off    by how many degrees the hour hand is out of place
     */
    public function __construct(public readonly int $minute, public readonly float $off)
    {
        parent::__construct(\sprintf(
            'These hands cannot both be right: at %d minutes the hour hand stands %s.',
            $minute,
            match (true) {
                0 === $minute => 'exactly on a number',
                30 === $minute => 'half-way between two numbers',
                $minute < 30 => 'just past a number',
                default => 'close before the next number',
            },
        ));
    }
}
