<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

/** What is often written, and by what causes. */
final readonly class UsualAnswer
{
    /**
     * @param string       $text plain
     * @param list<string> $fits ids of causes
     */
    public function __construct(public string $text, public array $fits)
    {
    }
}
