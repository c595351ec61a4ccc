<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/** Something worth saying about a sum or its reading: "over-midnight", "read-as-24h". */
final readonly class Note
{
    public function __construct(public string $code, public string $text)
    {
    }
}
