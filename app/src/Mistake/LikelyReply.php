<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

/** A likely wrong answer and what may have led to it: a hint for a conversation with the child. */
final readonly class LikelyReply
{
    /**
     * @param string $mistake id
     * @param string $answer  as a child would write it
     * @param string $may     begins with "may"
     * @param string $look    what to look at with the child
     * @param string $model   the model that helps: clock, line, columns, table, day
     */
    public function __construct(
        public string $mistake,
        public string $answer,
        public string $may,
        public string $look,
        public string $model,
    ) {
    }
}
