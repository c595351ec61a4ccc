<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** Something that a problem gives. */
final readonly class GivenLine
{
    /**
     * @param string $name  what it is: "start", "how long"
     * @param string $value marked text, in the one notation in which it is worked
     * @param string $told  as it is told, where that is another way of saying it; empty otherwise
     */
    public function __construct(public string $name, public string $value, public string $told)
    {
    }
}
