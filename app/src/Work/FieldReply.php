<?php

declare(strict_types=1);

namespace Rostik\App\Work;

/** What was typed into a form, understood. */
final readonly class FieldReply
{
    /**
     * @param string $value as it is kept: 2026-11-26, 09:40
     * @param string $text  as the class writes it: Thursday 26 November 2026, 9:40 a.m.
     */
    public function __construct(public string $value, public string $text)
    {
    }
}
