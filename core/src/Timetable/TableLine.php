<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/**
 * A question about a timetable in one line of text, as a sheet keeps it: `table next {"stop":"Little Sand","at":"10:07"}`.
 * The table itself stands elsewhere; the answer is always found in it, never kept.
 */
final readonly class TableLine
{
    private const BEGINS = 'table ';

    /** @param string $kind id of the kind of question */
    public function __construct(public string $kind, public With $with)
    {
    }

    public static function of(TableQuestion $question): self
    {
        return new self($question->kind, $question->with);
    }

    /** Whether a line is meant to be one, whatever stands in it. */
    public static function is(string $line): bool
    {
        return str_starts_with($line, self::BEGINS);
    }

    /** @return ?self null for a line that is none */
    public static function read(string $line): ?self
    {
        if (1 !== preg_match('/^'.self::BEGINS.'([a-z-]{1,40}) (\{.*\})$/s', $line, $m)) {
            return null;
        }
        $members = json_decode($m[2], true, 3);
        $with = \is_array($members) ? With::read($members) : null;

        return null === $with ? null : new self($m[1], $with);
    }

    public function write(): string
    {
        return self::BEGINS.$this->kind.' '.json_encode((object) $this->with->members(), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    /** The same about a table all of whose times are so many minutes later, or earlier. */
    public function later(int $minutes): self
    {
        return new self($this->kind, $this->with->later($minutes));
    }
}
