<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Rostik\App\Deleted\DeletedKind;
use Rostik\App\Deleted\DeletedThings;
use Rostik\App\Deleted\Gone;

/** @extends DeletedThings<Sheet> */
final readonly class DeletedSheets extends DeletedThings
{
    public function kind(): DeletedKind
    {
        return DeletedKind::Sheet;
    }

    public function of(Teacher $teacher): array
    {
        return array_map(static fn (array $levels): Gone => new Gone(
            $levels[0]->id()->toRfc4122(),
            $levels[0]->title(),
            1 < \count($levels) ? implode(', ', array_map(static fn (Sheet $one): string => $one->settings()->level->value ?? $one->title(), $levels)) : Gone::so(\count($levels[0]->questions()), 'question', 'questions'),
            $levels[0]->classroom()?->name() ?? '',
            $levels,
        ), self::together($this->own($teacher), static fn (Sheet $one): string => ($one->family() ?? $one->id())->toRfc4122()));
    }

    protected function class(): string
    {
        return Sheet::class;
    }
}
