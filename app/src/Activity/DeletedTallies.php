<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Account\Teacher;
use Rostik\App\Classroom\DeletedOfClasses;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\Gone;

/** @extends DeletedOfClasses<Tally> */
final readonly class DeletedTallies extends DeletedOfClasses
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Tally;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(fn (Tally $one): Gone => new Gone(
            $one->id()->toRfc4122(),
            \sprintf('%d seconds, felt', $one->target()),
            Gone::so($this->count(TallyTry::class, 'tally', $one), 'try', 'tries'),
            $one->classroom()->name(),
            [$one],
        ), $this->ofClasses($teacher));
    }

    protected function class(): string
    {
        return Tally::class;
    }
}
