<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** Something about the text of a problem that its writer may want to know. */
final readonly class Remark
{
    /** @param int $at where in the text, in characters */
    public function __construct(public string $code, public string $text, public int $at = 0)
    {
    }
}
