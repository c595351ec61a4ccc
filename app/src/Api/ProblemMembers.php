<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;

/** Something that has more to say about a failure than its sentence. */
#[AutoconfigureTag]
interface ProblemMembers
{
    /** @return array<string, mixed> further members of the problem reply; none where it has nothing to say of this one */
    public function of(\Throwable $thrown, Request $request): array;
}
