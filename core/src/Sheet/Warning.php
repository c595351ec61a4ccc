<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet;

/** Something worth a second look beside a question; never in the way. */
final readonly class Warning
{
    public function __construct(public string $code, public string $text)
    {
    }
}
