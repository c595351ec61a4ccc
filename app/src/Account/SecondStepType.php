<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Storage\JsonObjectType;

/** @extends JsonObjectType<SecondStep> */
final class SecondStepType extends JsonObjectType
{
    public const NAME = 'second_step';

    protected function class(): string
    {
        return SecondStep::class;
    }
}
