<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Picture\StoryPicture;
use Rostik\Core\Sum\Sum;

/** One sum of a problem that is set out. */
final readonly class SetOutPart
{
    /**
     * @param string        $find    what is to be found, marked, without its full stop; the question itself for the last one
     * @param string        $because why that operation, in a sentence
     * @param ?StoryPicture $drawn   what is known by then, and what is asked; null where it cannot be drawn
     */
    public function __construct(public Sum $sum, public string $find, public Operation $operation, public string $because, public ?StoryPicture $drawn)
    {
    }
}
