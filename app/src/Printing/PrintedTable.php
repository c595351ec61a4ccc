<?php

declare(strict_types=1);

namespace Rostik\App\Printing;

use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TableRow;
use Rostik\Core\Timetable\TideTable;

/** A timetable as it is printed: in several parts below each other, where it is wider than the paper. */
final readonly class PrintedTable
{
    /** So many columns stand beside the names of the stops (print.css gives each its width). */
    private const ACROSS = 8;

    /**
     * @param list<array{names: list<string>, days: list<string>, rows: list<array{name: string, what: string, times: list<?string>}>}> $parts  names and days of the services, none where they have none; times plain
     * @param int                                                                                                                       $across so many columns the widest part has
     */
    private function __construct(public string $title, public string $caution, public array $parts, public int $across)
    {
    }

    public static function of(AnyTable $table, Style $style): self
    {
        $writer = Writer::plain($style);
        $time = static fn (?int $minutes): ?string => null === $minutes ? null : $writer->time(StatedTime::of(TimeOfDay::ofMinutes($minutes % TimeOfDay::DAY), ClockForm::TwentyFour));

        return match (true) {
            $table instanceof ServiceTable => self::services($table, $time),
            $table instanceof TideTable => self::tides($table, $time),
            default => throw new \LogicException('There is no such table.'),
        };
    }

    /** @param \Closure(?int): ?string $time */
    private static function tides(TideTable $tides, \Closure $time): self
    {
        $rows = [];
        foreach ($tides->byDay() as $day => $high) {
            $rows[] = ['name' => 'Day '.($day + 1), 'what' => '', 'times' => array_map($time, [$high[0] ?? null, $high[1] ?? null])];
        }

        // as wide as a table of services, so that it is not drawn apart
        return new self($tides->title(), $tides->caution(), [['names' => [], 'days' => ['high tide', 'high tide'], 'rows' => $rows]], 6);
    }

    /** @param \Closure(?int): ?string $time */
    private static function services(ServiceTable $table, \Closure $time): self
    {
        $services = \count($table->services);
        // parts of about the same width
        $across = (int) ceil($services / max(1, (int) ceil($services / self::ACROSS)));
        // numbers in a row say nothing that the times do not
        $named = [] !== array_filter($table->services, static fn (Service $one): bool => '' !== $one->name && !ctype_digit($one->name));
        $parts = [];
        for ($from = 0; $from < $services; $from += $across) {
            $some = \array_slice($table->services, $from, $across);
            $names = array_map(static fn ($one): string => $one->name, $some);
            $parts[] = [
                'names' => $named ? $names : [],
                'days' => $table->mixesDays() ? array_map(static fn ($one): string => $one->days->said(), $some) : [],
                'rows' => array_map(static fn (TableRow $row): array => ['name' => $row->name, 'what' => $row->what, 'times' => array_map($time, \array_slice($row->times, $from, $across))], $table->rows()),
            ];
        }

        return new self($table->title, '', $parts, $across);
    }
}
