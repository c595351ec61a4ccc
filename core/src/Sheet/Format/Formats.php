<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

/** All file formats of sheets: every class in this folder whose name ends in "Format". */
final readonly class Formats
{
    /** @var array<string, Format> by id */
    private array $formats;

    /** @param iterable<Format> $formats in the order in which a file is held against them */
    public function __construct(iterable $formats)
    {
        $byId = [];
        foreach ($formats as $format) {
            $byId[$format->id()] = $format;
        }
        $this->formats = $byId;
    }

    /** Null where there is none of that id. */
    public function format(string $id): ?Format
    {
        return $this->formats[$id] ?? null;
    }

    /** The format that a file seems to be in, by how it begins. */
    public function guess(string $text): Format
    {
        $start = ltrim($text, "\u{feff} \t\r\n");
        foreach ($this->formats as $format) {
            if ($format->begins($start)) {
                return $format;
            }
        }

        throw new \LogicException('One of the formats takes any text.');
    }
}
