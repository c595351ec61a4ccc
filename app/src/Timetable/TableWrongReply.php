<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

/** What a misreading leads to. */
final readonly class TableWrongReply
{
    /**
     * @param string $text plain
     * @param string $may  beginning with "may"
     * @param string $look what to look at with the child, in a sentence
     */
    public function __construct(public string $text, public string $may, public string $look)
    {
    }
}
