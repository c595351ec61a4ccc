<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/** Whether letters, digits and signs by themselves are keys of a screen (WCAG 2.2, 2.1.4). */
final readonly class LetterKeysRequest
{
    public function __construct(public bool $on)
    {
    }
}
