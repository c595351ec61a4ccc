<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/**
 * The state of a drawn model at one step: what stands on the line or in the columns. It holds everything needed to
 * draw it, in marked text ({@see \Rostik\Core\Notation\Marked}); whoever draws it computes only angles and lengths.
 */
interface Picture
{
    /**
     * The same with what gives the answer away marked in its texts ({@see \Rostik\Core\Board\Withholding}).
     *
     * @param \Closure(string, bool=): string $mark takes a text, and whether such a text may be what states the answer
     */
    public function withholding(\Closure $mark): self;
}
