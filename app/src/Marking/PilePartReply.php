<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** What was asked at one level. */
final readonly class PilePartReply
{
    /**
     * @param string            $name      of the level; empty where there is only one
     * @param ?string           $sheetId   null where it was read out
     * @param list<ToMarkReply> $questions
     */
    public function __construct(public string $name, public ?string $sheetId, public array $questions)
    {
    }
}
