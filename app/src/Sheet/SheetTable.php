<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Api\CannotBeHad;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\NotATable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\TideTable;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Validator\Constraints as Assert;

/** The timetable of a sheet, kept with it: what is printed stays true, whatever becomes of the timetable. */
final readonly class SheetTable
{
    /** More columns than these are no table for paper. */
    public const MOST_SERVICES = 32;

    private const LARGEST = 40_000;

    /** @param string $csv that {@see CsvTable} reads */
    public function __construct(
        #[Assert\Length(max: 120)]
        public string $title,
        public Vehicle $vehicle,
        #[Assert\Length(max: self::LARGEST)]
        public string $csv,
    ) {
    }

    public static function of(AnyTable $table): self
    {
        return new self($table->title(), $table instanceof ServiceTable ? $table->vehicle : Vehicle::Service, $table->csv());
    }

    /** @throws CannotBeHad when it is too wide for paper */
    public static function forPaper(AnyTable $table): AnyTable
    {
        if ($table instanceof ServiceTable && (\count($table->services) > self::MOST_SERVICES || \strlen($table->csv()) > self::LARGEST)) {
            throw new CannotBeHad(\sprintf('This timetable has %d services; on paper there is room for %d. Bring in a part of the day, or fewer stops.', \count($table->services), self::MOST_SERVICES));
        }

        return $table;
    }

    /** Null where it cannot be read. */
    public function table(): ?AnyTable
    {
        $tides = TideTable::read($this->csv);
        if (null !== $tides) {
            return $tides;
        }
        try {
            return CsvTable::read($this->csv, $this->title, $this->vehicle);
        } catch (NotATable) {
            return null;
        }
    }
}
