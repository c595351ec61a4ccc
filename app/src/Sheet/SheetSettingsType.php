<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Storage\JsonObjectType;

/** @extends JsonObjectType<SheetSettings> */
final class SheetSettingsType extends JsonObjectType
{
    public const NAME = 'sheet_settings';

    protected function class(): string
    {
        return SheetSettings::class;
    }
}
