<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** The timetables of the island, from the files in core/timetables. Made up. The feed in core/timetables/pintail says the same in GTFS. */
final class Island
{
    private const FOLDER = __DIR__.'/../../timetables';

    private const TITLES = [
        'pintail-summer-out' => 'The Pintail, summer: to Fell Harbour',
        'pintail-summer-back' => 'The Pintail, summer: to Ombrel Quay',
        'pintail-winter-out' => 'The Pintail, winter: to Fell Harbour',
        'pintail-winter-back' => 'The Pintail, winter: to Ombrel Quay',
    ];

    /** @var array<string, ServiceTable> */
    private array $tables = [];

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys(self::TITLES);
    }

    /** @throws \OutOfBoundsException when there is none of that id */
    public function table(string $id): ServiceTable
    {
        $title = self::TITLES[$id] ?? throw new \OutOfBoundsException(\sprintf('The island has no timetable "%s".', $id));

        return $this->tables[$id] ??= CsvTable::read((string) file_get_contents(self::FOLDER.'/'.$id.'.csv'), $title, Vehicle::Boat, $id.'.csv');
    }
}
