<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

/** What is said to a child about one answer. */
final readonly class Reaction
{
    /**
     * @param string  $say     what to look at, or what is missing, in a sentence; empty where it is right
     * @param string  $read    the answer as it was understood, as the class writes it
     * @param ?string $mistake id of one that leads to it, for the teacher's record alone; null for none
     */
    public function __construct(public Signal $signal, public string $say, public string $read, public ?string $mistake = null)
    {
    }
}
