<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** A sheet as files hold it. */
final readonly class PlainSheet
{
    /** @param list<PlainQuestion> $questions */
    public function __construct(public string $title, public array $questions)
    {
    }
}
