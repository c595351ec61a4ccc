<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Storage\JsonObjectType;

/** @extends JsonObjectType<Keeping> */
final class KeepingType extends JsonObjectType
{
    public const NAME = 'keeping';

    protected function class(): string
    {
        return Keeping::class;
    }
}
