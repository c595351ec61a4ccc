<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<Classroom> */
final readonly class DeletedClasses extends DeletedOfClasses
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Classroom;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(static fn (Classroom $one): Gone => new Gone(
            $one->id()->toRfc4122(),
            $one->name(),
            Gone::list(Gone::so(\count($one->children()), 'child', 'children'), 'its plan, papers and practices'),
            '',
            [$one],
        ), $this->classrooms->deletedOf($teacher));
    }

    protected function class(): string
    {
        return Classroom::class;
    }

    protected function ofSchool(): string
    {
        return 'x.school = :school';
    }
}
