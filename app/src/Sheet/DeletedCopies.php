<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\DeletedThings;
use Rostik\App\Deleted\Gone;

/** @extends DeletedThings<Copy> */
final readonly class DeletedCopies extends DeletedThings
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Copies;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(static fn (array $set): Gone => new Gone(
            $set[0]->setId()->toRfc4122(),
            $set[0]->sheet()->title(),
            Gone::so(\count($set), 'copy', 'copies'),
            $set[0]->sheet()->classroom()?->name() ?? '',
            $set,
        ), self::together(array_values(array_filter($this->own($teacher), static fn (Copy $one): bool => !$one->sheet()->isDeleted())), static fn (Copy $one): string => $one->setId()->toRfc4122()));
    }

    protected function class(): string
    {
        return Copy::class;
    }
}
