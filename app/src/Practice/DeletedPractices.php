<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\DeletedOfClasses;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<Practice> */
final readonly class DeletedPractices extends DeletedOfClasses
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Practice;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(fn (Practice $one): Gone => new Gone(
            $one->id()->toRfc4122(),
            $one->title(),
            Gone::so($this->count(Seat::class, 'practice', $one), 'tablet', 'tablets'),
            $one->classroom()->name(),
            [$one],
        ), $this->ofClasses($teacher));
    }

    protected function class(): string
    {
        return Practice::class;
    }
}
