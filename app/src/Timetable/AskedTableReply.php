<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** A timetable with questions about it. */
final readonly class AskedTableReply
{
    /**
     * @param list<TableQuestionReply> $questions
     * @param list<TableKindReply>     $kinds     that there are at the level
     */
    public function __construct(public TableReply $table, public array $questions, public array $kinds)
    {
    }
}
