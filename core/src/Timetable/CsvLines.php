<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/**
 * The rows of a CSV file as RFC 4180 has them, read from a stream: with or without a byte-order mark, any end of line, quoted
 * fields with commas, quotes and line breaks in them. Old files in Windows-1252 are read, too.
 */
final class CsvLines
{
    /** Bytes in a row. */
    private const LONGEST = 65536;

    /**
     * @param resource $stream
     * @param string   $file      its name, for the faults
     * @param string   $separator between fields; '' for whichever of comma, semicolon and tab the first row has most of
     *
     * @return iterable<int, list<string>> by line, from 1: the one on which the row begins; empty lines are left out
     *
     * @throws NotATable when a quote is not closed, or a row has no end
     */
    public static function of($stream, string $file, string $separator = ','): iterable
    {
        $line = 0;
        while (false !== $row = fgets($stream, self::LONGEST)) {
            ++$line;
            if (1 === $line) {
                $row = str_starts_with($row, "\xEF\xBB\xBF") ? substr($row, 3) : $row;
                if (str_starts_with($row, "\xFF\xFE") || str_starts_with($row, "\xFE\xFF")) {
                    throw NotATable::one($file, 1, 'This is UTF-16. Please save it as UTF-8.');
                }
                $separator = '' === $separator ? self::separator($row) : $separator;
            }
            $begins = $line;
            // a quoted field goes on where the quotes are not even
            while (1 === substr_count($row, '"') % 2) {
                $more = fgets($stream, self::LONGEST);
                if (false === $more || \strlen($row) > self::LONGEST) {
                    throw NotATable::one($file, $begins, 'A quotation mark is opened here and not closed.');
                }
                ++$line;
                $row .= $more;
            }
            if (\strlen($row) >= self::LONGEST - 1) {
                throw NotATable::one($file, $begins, 'This line is longer than any timetable needs.');
            }
            $row = rtrim($row, "\r\n");
            if (str_contains($row, "\r") && !str_contains($row, '"')) {
                // the ends of line of old Macintosh files
                foreach (explode("\r", $row) as $i => $piece) {
                    $line += $i > 0 ? 1 : 0;
                    if ('' !== trim($piece)) {
                        yield $line => self::fields($piece, $separator);
                    }
                }
            } elseif ('' !== trim($row)) {
                yield $begins => self::fields($row, $separator);
            }
        }
    }

    /** @return list<string> */
    private static function fields(string $row, string $separator): array
    {
        if (!mb_check_encoding($row, 'UTF-8')) {
            $row = mb_convert_encoding($row, 'UTF-8', 'Windows-1252');
        }

        return array_map(static fn (?string $field): string => trim((string) $field), match (true) {
            '' === $separator => [$row],
            str_contains($row, '"') => str_getcsv($row, $separator, '"', ''),
            default => explode($separator, $row),
        });
    }

    /** @return non-empty-string */
    private static function separator(string $row): string
    {
        $best = ',';
        foreach ([';', "\t"] as $other) {
            $best = substr_count($row, $other) > substr_count($row, $best) ? $other : $best;
        }

        return $best;
    }
}
