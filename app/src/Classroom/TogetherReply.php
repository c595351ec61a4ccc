<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

/** Who teaches a class together. */
final readonly class TogetherReply
{
    /** @param list<string> $teachers their ids */
    public function __construct(public array $teachers)
    {
    }
}
