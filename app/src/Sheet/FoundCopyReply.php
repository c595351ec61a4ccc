<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** What was found under a code. */
final readonly class FoundCopyReply
{
    public function __construct(public string $code, public string $name, public string $sheetId, public string $setId, public string $title)
    {
    }
}
