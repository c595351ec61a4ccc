<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** Sheets that were made. */
final readonly class MadeSheetsReply
{
    /**
     * @param list<SheetReply> $sheets    one for each level
     * @param list<string>     $shortages what could not be had, each in a sentence
     */
    public function __construct(public array $sheets, public array $shortages)
    {
    }
}
