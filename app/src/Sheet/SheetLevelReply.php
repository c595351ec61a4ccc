<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Skill\Level;

/** One of the sheets that were made together. */
final readonly class SheetLevelReply
{
    public function __construct(public string $id, public ?Level $level, public string $title)
    {
    }
}
