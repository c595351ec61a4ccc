<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\Core\Practice\Signal;

/** What is said about an answer that is usually given. No cause of it is sent to a child's tablet. */
final readonly class UsualReply
{
    /**
     * @param ?list<float> $hands degrees of the hour hand and the minute hand
     * @param string       $aloud what is said, as a voice reads it
     */
    public function __construct(public string $text, public Signal $signal, public string $say, public string $read, public ?array $hands, public string $aloud)
    {
    }
}
