<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** A sentence of a problem, in small letters, with signs in place of its times, lengths and numbers: "it leaves at T0 ." */
final readonly class Sentence
{
    /** @param list<Mention> $mentions in order */
    public function __construct(public string $text, public string $pattern, public array $mentions)
    {
    }

    /** Whether something is asked in it, or to be worked out. */
    public function asks(): bool
    {
        return str_ends_with(rtrim($this->text), '?') || 1 === preg_match('/^(?:find|work out|calculate) /', $this->pattern);
    }
}
