<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\Core\Activity\Alternative;

/** Something that can be chosen about an activity. */
final readonly class OptionReply
{
    /** @param list<Alternative> $choices */
    public function __construct(public string $id, public string $title, public array $choices, public string $chosen)
    {
    }
}
