<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Gtfs;

use Rostik\Core\Timetable\CsvLines;
use Rostik\Core\Timetable\Faults;
use Rostik\Core\Timetable\NotATable;

/** The records of one file of a feed, read one after the other, with only the fields that are needed. */
final class Records
{
    /** More fields than the reference has in any file, with room for a publisher's own. */
    private const MOST_FIELDS = 100;

    /** Line of the record that is being looked at. */
    public int $line = 0;

    public function __construct(private readonly FeedFiles $files, public readonly string $file, private readonly Faults $faults, private readonly int $most)
    {
    }

    /**
     * @param non-empty-list<string> $required fields that must be there, and not empty
     * @param list<string>           $optional fields that may be missing
     *
     * @return iterable<int, list<string>> by line: the required fields and the optional ones in this order, '' where there is none
     *
     * @throws NotATable
     */
    public function each(array $required, array $optional = []): iterable
    {
        $stream = $this->files->open($this->file);
        $places = null;
        $count = 0;
        $width = 0;
        foreach (CsvLines::of($stream, $this->file) as $line => $fields) {
            $this->line = $line;
            if (null === $places) {
                $width = \count($fields);
                $places = $this->places($fields, $required, $optional);
                continue;
            }
            if (++$count > $this->most) {
                throw NotATable::one($this->file, $line, \sprintf('There are more than %s records. Please bring in a part of the feed, such as one route.', number_format($this->most, 0, '', ' ')));
            }
            if (\count($fields) > $width) {
                $this->fault(\sprintf('The line has %d fields, its head %d.', \count($fields), $width));
                continue;
            }
            $record = [];
            foreach ($places as $i => $place) {
                $record[] = $value = null === $place ? '' : $fields[$place] ?? '';
                if ('' === $value && isset($required[$i])) {
                    $this->fault($required[$i].' is empty.');
                    continue 2;
                }
            }
            yield $line => $record;
        }
        fclose($stream);
        if (null === $places) {
            $this->line = 0;
            $this->fault('The file is empty.');
        }
    }

    public function fault(string $says): void
    {
        $this->faults->add($this->file, $this->line, $says);
    }

    /**
     * @param list<string>           $head
     * @param non-empty-list<string> $required
     * @param list<string>           $optional
     *
     * @return list<?int>
     */
    private function places(array $head, array $required, array $optional): array
    {
        if (\count($head) > self::MOST_FIELDS) {
            throw NotATable::one($this->file, 1, 'The head of this file has too many fields.');
        }
        $where = array_flip(array_map(strtolower(...), $head));
        if (\count($where) < \count($head)) {
            $this->fault('Two fields of the head have the same name.');
        }
        foreach ($required as $name) {
            if (!isset($where[$name])) {
                throw NotATable::one($this->file, 1, \sprintf('The field %s is missing.', $name));
            }
        }

        return array_map(static fn (string $name): ?int => $where[$name] ?? null, [...$required, ...$optional]);
    }
}
