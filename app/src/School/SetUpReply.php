<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** Whether there is a school yet. */
final readonly class SetUpReply
{
    /**
     * @param bool $wanted whether it is to be set up
     * @param bool $here   whether that can be done from here without the word that the terminal showed
     */
    public function __construct(public bool $wanted, public bool $here)
    {
    }
}
