<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\Core\Sum\Kind;

/** The method in which a class works one kind of sum. */
final readonly class HouseMethod
{
    public function __construct(public Kind $kind, public string $method)
    {
    }
}
