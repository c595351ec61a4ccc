<?php

declare(strict_types=1);

namespace Rostik\Core\Sheet\Format;

/** All file formats of sheets: whatever class stands in this folder whose name ends in "Format". */
final readonly class Formats
{
    /** @var array<string, Format> by id */
    private array $formats;

    public function __construct(Format ...$formats)
    {
        $byId = [];
        foreach ($formats as $format) {
            $byId[$format->id()] = $format;
        }
        $this->formats = $byId;
    }

    public static function standard(): self
    {
        $formats = [];
        foreach (glob(__DIR__.'/*Format.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.basename($file, '.php');
            $format = class_exists($class) ? new $class() : null;
            if ($format instanceof Format) {
                $formats[] = $format;
            }
        }

        return new self(...$formats);
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

        return match (true) {
            str_starts_with($start, '<') => new QtiFormat(),
            1 === preg_match('/^("?\w+"?,)*"?sum"?(,|\r|\n|$)/i', $start) => new CsvFormat(),
            default => new TextFormat(),
        };
    }
}
