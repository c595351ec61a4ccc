<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** A class, as a school sees it from outside: who teaches it and how many are in it, but no child. */
final readonly class SchoolClassReply
{
    /**
     * @param int          $children how many
     * @param list<string> $teachers ids
     */
    public function __construct(public string $id, public string $name, public int $children, public array $teachers)
    {
    }
}
