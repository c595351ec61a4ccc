<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Api\CannotBeHad;
use Rostik\App\Storage\ZipFile;

/**
 * Reads class lists: CSV with a column of names, or OneRoster 1.1 CSV (1EdTech, 2017): a zip with users.csv, classes.csv
 * and enrollments.csv. Of each child the first name is taken, and nothing else; nothing is kept here.
 */
final class ClassLists
{
    private const LARGEST = 20_000_000;
    private const MOST_CLASSES = 100;

    /** Rows of one list, and bytes of one row. */
    private const MOST_ROWS = 20_000;
    private const LONGEST_ROW = 4_000;

    /** Columns that hold first names, as small letters without spaces and signs; before those that hold whole names. */
    private const FIRST = ['givenname', 'firstname', 'first', 'forename', 'preferredfirstname', 'knownas', 'vorname', 'prenom', 'nombre'];
    private const WHOLE = ['name', 'child', 'pupil', 'student', 'fullname', 'pupilname', 'studentname', 'children', 'names'];
    private const CLASSES = ['class', 'classname', 'group', 'form', 'registrationgroup', 'klasse'];

    /**
     * @param string $bytes of the file
     *
     * @return list<ClassListReply> by the name of the class; one without a name for a list that names none
     *
     * @throws CannotBeHad
     */
    public static function read(string $bytes): array
    {
        $classes = str_starts_with($bytes, 'PK') ? self::oneRoster($bytes) : self::plain($bytes);
        if ([] === $classes) {
            throw new CannotBeHad('There are no names in it. A list has a name to a line, or a column “first name”.');
        }
        ksort($classes, \SORT_NATURAL | \SORT_FLAG_CASE);
        $lists = [];
        foreach (\array_slice($classes, 0, self::MOST_CLASSES, true) as $class => $names) {
            $lists[] = new ClassListReply(mb_substr((string) $class, 0, 60), array_values(Apart::names(\array_slice($names, 0, 60))), max(0, \count($names) - 60));
        }

        return $lists;
    }

    /** @return array<string, list<string>> first names by class */
    private static function plain(string $bytes): array
    {
        $rows = self::rows($bytes);
        $head = array_map(self::column(...), $rows[0] ?? []);
        $first = self::among($head, self::FIRST);
        $whole = self::among($head, self::WHOLE);
        $class = self::among($head, self::CLASSES);
        if (null !== $first || null !== $whole) {
            array_shift($rows);
        }
        $classes = [];
        foreach ($rows as $row) {
            $name = null !== $first ? trim($row[$first] ?? '') : self::firstOf($row[$whole ?? 0] ?? '');
            if ('' !== $name) {
                $classes[null === $class ? '' : trim($row[$class] ?? '')][] = $name;
            }
        }

        return $classes;
    }

    /** @return array<string, list<string>> first names by class */
    private static function oneRoster(string $bytes): array
    {
        $files = [];
        foreach (['users', 'classes', 'enrollments'] as $name) {
            $rows = self::rows(ZipFile::read($bytes, $name.'.csv', self::LARGEST) ?? throw new CannotBeHad(\sprintf('There is no %s.csv in this zip. A OneRoster zip has users.csv, classes.csv and enrollments.csv.', $name)));
            $head = array_map(self::column(...), array_shift($rows) ?? []);
            $files[$name] = array_map(static fn (array $row): array => array_combine($head, array_pad(\array_slice($row, 0, \count($head)), \count($head), '')), $rows);
        }
        $names = [];
        foreach ($files['users'] as $user) {
            $roles = strtolower($user['role'] ?? 'student');
            if (!self::isGone($user) && 'false' !== strtolower($user['enableduser'] ?? 'true') && \in_array($roles, ['student', ''], true)) {
                $names[$user['sourcedid'] ?? ''] = trim($user['givenname'] ?? '');
            }
        }
        $titles = [];
        foreach ($files['classes'] as $class) {
            if (!self::isGone($class)) {
                $titles[$class['sourcedid'] ?? ''] = trim($class['title'] ?? '');
            }
        }
        $classes = [];
        foreach ($files['enrollments'] as $enrollment) {
            $name = $names[$enrollment['usersourcedid'] ?? ''] ?? '';
            $title = $titles[$enrollment['classsourcedid'] ?? ''] ?? '';
            if (!self::isGone($enrollment) && 'student' === strtolower($enrollment['role'] ?? '') && '' !== $name && '' !== $title) {
                $classes[$title][] = $name;
            }
        }
        array_walk($classes, static function (array &$all): void {
            sort($all, \SORT_NATURAL | \SORT_FLAG_CASE);
        });

        return $classes;
    }

    /** @param array<string, string> $row */
    private static function isGone(array $row): bool
    {
        return \in_array(strtolower($row['status'] ?? ''), ['tobedeleted', 'inactive'], true);
    }

    /** The first name of a name as it is written: "Bram", "Bram Quay" and "Quay, Bram". */
    private static function firstOf(string $name): string
    {
        $name = trim(preg_replace('/^\s*\d{1,3}[.)]\s+/', '', $name) ?? '');
        $name = str_contains($name, ',') ? trim(explode(',', $name)[1]) : $name;

        return explode(' ', $name)[0];
    }

    /** @return list<list<string>> rows of CSV, whatever stands between the fields */
    private static function rows(string $bytes): array
    {
        if (\strlen($bytes) > self::LARGEST) {
            throw new CannotBeHad('That is larger than any list of classes.');
        }
        $text = preg_replace('/^\xEF\xBB\xBF/', '', $bytes) ?? '';
        $text = str_starts_with($text, "\xFF\xFE") ? (string) mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE') : $text;
        $text = mb_check_encoding($text, 'UTF-8') ? $text : (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        if (str_contains($text, "\0")) {
            throw new CannotBeHad('This is no list in plain text. Save it as CSV, with a column “first name”.');
        }
        self::bounded($text);
        $line = strtok($text, "\r\n");
        $counts = array_map(static fn (string $sign): int => substr_count((string) $line, $sign), [',' => ',', ';' => ';', "\t" => "\t"]);
        // one column, and a comma in it, is a name with the surname first
        $separator = 0 === max($counts) ? ',' : (string) array_search(max($counts), $counts, true);
        $stream = fopen('php://memory', 'r+');
        if (false === $stream) {
            throw new \LogicException('There is no memory to write to.');
        }
        fwrite($stream, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($stream);
        $rows = [];
        while (false !== ($row = fgetcsv($stream, null, $separator, '"', ''))) {
            $rows[] = array_map(static fn (?string $field): string => (string) $field, $row);
        }

        return $rows;
    }

    /** @throws CannotBeHad before anything is taken apart */
    private static function bounded(string $text): void
    {
        $longest = max(0, ...array_map(strlen(...), preg_split('/\R/', $text, self::MOST_ROWS + 1) ?: []));
        if ($longest > self::LONGEST_ROW || substr_count($text, "\n") + substr_count($text, "\r") > 2 * self::MOST_ROWS) {
            throw new CannotBeHad('That is longer than any list of classes. A list has a name to a line, or a column “first name”.');
        }
    }

    private static function column(string $name): string
    {
        return preg_replace('/[^a-z]/', '', strtolower($name)) ?? '';
    }

    /**
     * @param list<string> $head
     * @param list<string> $known
     */
    private static function among(array $head, array $known): ?int
    {
        foreach ($known as $name) {
            $at = array_search($name, $head, true);
            if (false !== $at) {
                return $at;
            }
        }

        return null;
    }
}
