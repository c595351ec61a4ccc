<?php

declare(strict_types=1);

namespace Rostik\App\School;

/** A letter that waits to be passed on. */
final readonly class LetterReply
{
    /** @param string $writtenAt RFC 3339 */
    public function __construct(public string $id, public string $to, public string $subject, public string $text, public string $writtenAt)
    {
    }
}
