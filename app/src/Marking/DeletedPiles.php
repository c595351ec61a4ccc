<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\DeletedOfClasses;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<Pile> */
final readonly class DeletedPiles extends DeletedOfClasses
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Pile;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(fn (Pile $one): Gone => new Gone(
            $one->id()->toRfc4122(),
            $one->title(),
            Gone::so($this->count(Paper::class, 'pile', $one), 'paper', 'papers'),
            $one->classroom()?->name() ?? '',
            [$one],
        ), [...$this->own($teacher, 'AND x.classroom IS NULL'), ...$this->ofClasses($teacher)]);
    }

    protected function class(): string
    {
        return Pile::class;
    }

    protected function ofSchool(): string
    {
        return 'x.owner IN (SELECT t.id FROM '.Teacher::class.' t WHERE t.school = :school)';
    }
}
