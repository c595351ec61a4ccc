<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** What may be behind an answer: a hint for a conversation, never a verdict on a child. */
final readonly class CauseReply
{
    /**
     * @param string $may  beginning with "may"
     * @param string $look what to look at with the child
     */
    public function __construct(public string $id, public string $may, public string $look)
    {
    }
}
