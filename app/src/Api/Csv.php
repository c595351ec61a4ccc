<?php

declare(strict_types=1);

namespace Rostik\App\Api;

/** Rows as CSV (RFC 4180), nothing of it taken for a formula by a spreadsheet. */
final class Csv
{
    /** @param list<list<string>> $rows */
    public static function of(array $rows): string
    {
        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::quoted(...), $row))."\r\n", $rows));
    }

    private static function quoted(string $field): string
    {
        $field = 1 === preg_match('/^[=+@\t\r]/', $field) ? "'".$field : $field;

        return 1 === preg_match('/[",;\r\n]/', $field) ? '"'.str_replace('"', '""', $field).'"' : $field;
    }
}
