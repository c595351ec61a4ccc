<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

/** What of a sheet is to be printed, and on what; part of the address of the print page. */
final readonly class PrintRequest
{
    /**
     * @param bool    $levels whether all the sheets that were made together are printed, rather than the one; with copies,
     *                        the last copies of each
     * @param ?string $set    the copies that are printed instead of the sheet
     * @param ?string $code   the one copy of them that is printed
     */
    public function __construct(
        public Paper $paper = Paper::A4,
        public PrintPart $part = PrintPart::Both,
        public bool $levels = false,
        public ?string $set = null,
        public ?string $code = null,
    ) {
    }

    public function hasSheet(): bool
    {
        return PrintPart::Sheet === $this->part || PrintPart::Both === $this->part;
    }

    public function hasKey(): bool
    {
        return PrintPart::Sheet !== $this->part;
    }
}
