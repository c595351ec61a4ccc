<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

use Rostik\Core\Sheet\PlainSheet;

/** A way of writing a sheet to one text file, and of reading it back. One class each in this folder, its name ending in "Format". */
interface Format
{
    /** "text", "csv": the ending of the file, too, but for text. */
    public function id(): string;

    public function mediaType(): string;

    public function extension(): string;

    /** Where files are held against the formats in turn, those of higher precedence come first. */
    public static function precedence(): int;

    /** Whether a text that begins like this, without blanks before it, may be in this format. */
    public function begins(string $start): bool;

    public function write(PlainSheet $sheet): string;

    /** @throws Refused with every line that cannot be read; nothing is read by halves */
    public function read(string $text): PlainSheet;
}
