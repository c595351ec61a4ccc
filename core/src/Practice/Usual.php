<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

/** An answer that is usually given, with what is said about it, so that it can be said without a connection. */
final readonly class Usual
{
    /**
     * @param string               $text  as the child's screen sends it
     * @param ?array{float, float} $hands degrees of the hour hand and the minute hand, where the answer is set on a clock
     */
    public function __construct(public string $text, public Reaction $reaction, public ?array $hands = null)
    {
    }
}
