<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** A story as it is told, with what is left open in braces: {start}, {length}, {name}. */
final readonly class Wording
{
    /**
     * @param string $text     what is known
     * @param string $ask      what is asked
     * @param string $sentence what answers it
     */
    public function __construct(public string $text, public string $ask, public string $sentence)
    {
    }
}
