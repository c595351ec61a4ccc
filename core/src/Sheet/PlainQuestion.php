<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** A question as files hold it. */
final readonly class PlainQuestion
{
    /**
     * @param string $sum       canonical text, or as typed where it is unfinished
     * @param string $wording   the question in words; may be empty
     * @param bool   $challenge whether it stands apart at the end of the sheet
     */
    public function __construct(public string $sum, public string $wording = '', public bool $challenge = false)
    {
    }
}
