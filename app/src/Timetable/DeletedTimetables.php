<?php

declare(strict_types=1);

namespace Rostik\App\Timetable;

use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\DeletedThings;
use Rostik\App\Deleted\Gone;

/** @extends DeletedThings<Timetable> */
final readonly class DeletedTimetables extends DeletedThings
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Timetable;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(static fn (Timetable $one): Gone => new Gone($one->id()->toRfc4122(), $one->title(), '', '', [$one]), $this->own($teacher));
    }

    protected function class(): string
    {
        return Timetable::class;
    }
}
