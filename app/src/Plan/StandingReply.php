<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

/** How a class stands on a rung, and when it is taught. */
final readonly class StandingReply
{
    /**
     * @param string  $title    what it is about
     * @param string  $short    the same in a few words
     * @param int     $secure   children
     * @param int     $onTheWay children
     * @param int     $children of the class
     * @param string  $text     how it stands, in words; empty where nobody has been marked on it
     * @param bool    $has      whether the class has it
     * @param ?string $on       day of its next lesson, or of its last; null for none
     */
    public function __construct(public string $rung, public string $title, public string $short, public int $secure, public int $onTheWay, public int $children, public string $text, public bool $has, public ?string $on)
    {
    }
}
