<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Api\CannotBeHad;
use Rostik\Core\Marking\Sign;
use Rostik\Core\Marking\Written;
use Rostik\Core\Notation\CsvField;

/** A pile as CSV: children down, questions across, answers as written; "right" and the like where only a sign was given. */
final class PileCsv
{
    private const LARGEST = 200_000;

    /** @return \Generator<int, list<string>> */
    public static function rows(Pile $pile): \Generator
    {
        $most = max([0, ...array_map(static fn (PilePart $part): int => \count($part->questions()), $pile->parts())]);
        yield ['child', ...array_map(strval(...), range(1, max(1, $most)))];
        foreach ($pile->papers() as $paper) {
            $marks = $paper->marks();
            yield [$paper->name(), ...array_map(static fn (int $place): string => $paper->isAbsent() ? 'absent' : self::cell($marks[$place] ?? new Written()), range(0, max(0, $most - 1)))];
        }
    }

    private static function cell(Written $one): string
    {
        return '' !== $one->given ? $one->given : match (true) {
            null !== $one->sign => $one->sign->value,
            null !== $one->over => $one->over ? Sign::Right->value : Sign::Wrong->value,
            default => '',
        };
    }

    /**
     * @return list<CellRequest> what is to be marked
     *
     * @throws CannotBeHad with what cannot be read of it
     */
    public static function read(string $csv, Pile $pile): array
    {
        if (\strlen($csv) > self::LARGEST || !mb_check_encoding($csv, 'UTF-8')) {
            throw new CannotBeHad('That is no list of answers in plain text. The first row has the numbers of the questions, the first column the names: child,1,2,3');
        }
        $csv = preg_replace('/^\x{FEFF}/u', '', $csv) ?? $csv;
        $lines = array_values(array_filter(preg_split('/\r\n|\r|\n/', $csv) ?: [], static fn (string $line): bool => '' !== trim($line)));
        $by = max([',' => substr_count($lines[0] ?? '', ','), ';' => substr_count($lines[0] ?? '', ';'), "\t" => substr_count($lines[0] ?? '', "\t")]) ?: 0;
        $separator = match ($by) {
            0 => throw new CannotBeHad('There are no columns in it. The first row has the numbers of the questions, the first column the names: child,1,2,3'),
            substr_count($lines[0] ?? '', ',') => ',',
            substr_count($lines[0] ?? '', ';') => ';',
            default => "\t",
        };
        $names = [];
        foreach ($pile->papers() as $paper) {
            $names[mb_strtolower($paper->name())] = $paper;
            if ('' !== $paper->code()) {
                $names[strtolower($paper->code())] = $paper;
            }
        }
        $cells = [];
        foreach (\array_slice($lines, 1) as $i => $line) {
            $fields = array_map(static fn (?string $field): string => CsvField::read((string) $field), str_getcsv($line, $separator, '"', ''));
            $name = trim((string) array_shift($fields));
            $paper = $names[mb_strtolower($name)] ?? throw new CannotBeHad(\sprintf('Line %d: there is no paper of “%s” in this pile.', $i + 2, $name));
            foreach ($fields as $place => $field) {
                $text = trim((string) $field);
                if ('' !== $text && 'absent' !== strtolower($text)) {
                    $cells[] = self::request($paper, $place, $text);
                }
            }
        }

        return $cells;
    }

    private static function request(Paper $paper, int $place, string $text): CellRequest
    {
        $sign = Sign::tryFrom(strtolower($text)) ?? match ($text) {
            '-', '–' => Sign::Blank,
            '?' => Sign::Unreadable,
            default => null,
        };

        return new CellRequest($paper->id()->toRfc4122(), $place, null === $sign && '✓' !== $text ? mb_substr($text, 0, 200) : '', '✓' === $text ? Sign::Right : $sign);
    }
}
