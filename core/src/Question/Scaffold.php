<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

/** How much of the working is drawn on the paper beforehand. Common practice, no source. */
enum Scaffold: string
{
    /** Drawn with the numbers or jumps in it, to be filled in. */
    case Full = 'full';
    /** The empty paper, columns or line. */
    case Outline = 'outline';
    /** Only room for the answer. */
    case None = 'none';
}
