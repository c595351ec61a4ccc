<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Storage\JsonObjectType;
use Rostik\Core\Notation\Style;

/** @extends JsonObjectType<Style> */
final class StyleType extends JsonObjectType
{
    public const NAME = 'style';

    protected function class(): string
    {
        return Style::class;
    }
}
