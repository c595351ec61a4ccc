<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

/**
 * A field of a CSV file (RFC 4180) that no spreadsheet takes for a formula: one that begins as a formula does has an
 * apostrophe before it, which is taken off again when it is read (OWASP, CSV Injection).
 */
final class CsvField
{
    /** As it stands in the file. */
    public static function write(string $text): string
    {
        $text = 1 === preg_match("/^'*(?:[=+@\\t\\r]|-.)/s", $text) ? "'".$text : $text;

        return 1 === preg_match('/[",;\r\n]|^\s|\s$/', $text) ? '"'.str_replace('"', '""', $text).'"' : $text;
    }

    /** What was written, of a field whose quotation marks are off already. */
    public static function read(string $field): string
    {
        return 1 === preg_match("/^'+(?:[=+@\\t\\r]|-.)/s", $field) ? substr($field, 1) : $field;
    }

    /** @param iterable<list<string>> $rows */
    public static function rows(iterable $rows): string
    {
        return implode('', iterator_to_array(self::lines($rows), false));
    }

    /**
     * The same row by row, for a file that is sent while it is written.
     *
     * @param iterable<list<string>> $rows
     *
     * @return \Generator<int, string>
     */
    public static function lines(iterable $rows): \Generator
    {
        foreach ($rows as $row) {
            yield implode(',', array_map(self::write(...), $row))."\r\n";
        }
    }
}
