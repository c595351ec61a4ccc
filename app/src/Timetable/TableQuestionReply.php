<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\Core\Timetable\TableStep;

/** A question about a timetable. */
final readonly class TableQuestionReply
{
    /**
     * @param string                $text   marked
     * @param string                $answer marked
     * @param list<string>          $sums   lines of the notation that are worked once the times are found
     * @param list<TableStep>       $steps  where to look, one after the other
     * @param list<TableWrongReply> $wrong  what may be written instead
     */
    public function __construct(public string $kind, public string $text, public string $answer, public array $sums, public array $steps, public array $wrong)
    {
    }
}
