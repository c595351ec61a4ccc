<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/** A practice to come into. */
final readonly class ComeInReply
{
    /**
     * @param string                 $name     of the class
     * @param list<ComeInChildReply> $children
     * @param bool                   $signs    whether each shows its three pictures
     * @param int                    $pictures so many there are
     */
    public function __construct(public string $name, public array $children, public bool $signs, public int $pictures)
    {
    }
}
