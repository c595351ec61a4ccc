<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\Core\Evidence\Answered;

/** An answer as it is weighed, and as it is shown. */
final readonly class SeenAnswer
{
    public function __construct(public Answered $answered, public AnswerSeenReply $shown)
    {
    }
}
