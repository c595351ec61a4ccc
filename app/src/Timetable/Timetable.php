<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\Deletable;
use Rostik\App\Deleted\Deleting;
use Rostik\Core\Timetable\CsvTable;
use Rostik\Core\Timetable\ServiceTable;
use Rostik\Core\Timetable\Vehicle;
use Symfony\Component\Uid\Uuid;

/** A timetable that a teacher brought in. It is kept as CSV, as it can be taken out again. */
#[ORM\Entity]
#[ORM\Index(name: 'timetable_shelf', columns: ['owner_id', 'title'])]
class Timetable implements Deletable
{
    use Deleting;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @param string $csv that {@see CsvTable} reads */
    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Teacher $owner,
        #[ORM\Column(length: 120)]
        private string $title,
        #[ORM\Column(enumType: Vehicle::class, length: 12)]
        private Vehicle $vehicle,
        #[ORM\Column(type: Types::TEXT, length: 500_000)]
        private string $csv,
    ) {
        $this->id = Uuid::v7();
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function vehicle(): Vehicle
    {
        return $this->vehicle;
    }

    public function belongsTo(Teacher $teacher): bool
    {
        return $this->owner->id()->equals($teacher->id());
    }

    public function table(): ServiceTable
    {
        return CsvTable::read($this->csv, $this->title, $this->vehicle);
    }
}
