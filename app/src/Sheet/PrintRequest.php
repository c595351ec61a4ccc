<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** How a sheet is to be printed; part of the address of the print page. */
final readonly class PrintRequest
{
    /** @param bool $squares whether each question has squared paper for working, rather than a line */
    public function __construct(
        public Paper $paper = Paper::A4,
        public PrintPart $part = PrintPart::Both,
        public bool $squares = true,
    ) {
    }
}
