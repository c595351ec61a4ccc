<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

/** One copy of a sheet with numbers of its own. */
final readonly class CopyReply
{
    /** @param string $name of the child; empty for none */
    public function __construct(public string $code, public string $name)
    {
    }
}
