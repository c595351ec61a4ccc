<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** A class as it was read from a list; nothing of it is kept yet. */
final readonly class ClassListReply
{
    /**
     * @param string       $name     of the class; empty where the list names none
     * @param list<string> $children first names
     * @param int          $more     so many children there was no room for
     */
    public function __construct(public string $name, public array $children, public int $more)
    {
    }
}
