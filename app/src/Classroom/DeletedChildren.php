<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<Child> */
final readonly class DeletedChildren extends DeletedOfClasses
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Child;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(static fn (Child $one): Gone => new Gone($one->id()->toRfc4122(), $one->name(), 'papers and answers', $one->classroom()->name(), [$one]), $this->ofClasses($teacher));
    }

    protected function class(): string
    {
        return Child::class;
    }
}
