<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\Format\Fault;
use Rostik\Core\Sheet\PlainQuestion;

/** What was read; where anything is wrong nothing is taken, and each line is said. */
final readonly class ReadFileReply
{
    /**
     * @param list<PlainQuestion> $questions none where there are faults
     * @param list<Fault>         $faults
     */
    public function __construct(public string $title, public array $questions, public array $faults)
    {
    }
}
