<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\Format\Fault;

/** What was read; where anything is wrong nothing is taken, and each line is said. */
final readonly class ReadFileReply
{
    /**
     * @param list<QuestionText> $questions none where there are faults
     * @param list<Fault>        $faults
     */
    public function __construct(public string $title, public array $questions, public array $faults)
    {
    }
}
