<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\App\Classroom\Child;
use Rostik\App\Classroom\Classroom;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A room that has answers of children, beside the piles of papers. */
#[AutoconfigureTag]
interface MoreAnswers
{
    /** @return array<string, list<SeenAnswer>> by child, the earliest first */
    public function of(Classroom $class): array;

    /** Takes all of them away. */
    public function forget(Child ...$children): void;
}
