<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/**
 * The state of a drawn model at one step: what stands on the line or in the columns. It holds everything needed to
 * draw it, in marked text ({@see \Rostik\Core\Notation\Marked}); whoever draws it computes only angles and lengths.
 */
interface Picture
{
}
