<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\Core\Practice\Signal;

/** What is said about an answer that was sent; `aloud`, as a voice reads it. */
final readonly class SaidReply
{
    public function __construct(public string $question, public int $n, public Signal $signal, public string $say, public string $read, public string $aloud = '')
    {
    }
}
