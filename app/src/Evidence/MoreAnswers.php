<?php

declare(strict_types=1);

namespace Rostik\App\Evidence;

use Rostik\App\Classroom\Child;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A room that has answers of children, beside the piles of papers. */
#[AutoconfigureTag]
interface MoreAnswers
{
    /** @return list<SeenAnswer> the last of a child, the earliest first */
    public function of(Child $child): array;

    /**
     * Takes all of a child away.
     *
     * @return array<string, mixed> from which it can be given back; by names that no other room uses
     */
    public function take(Child $child): array;

    /** @param array<mixed> $taken what rooms have taken, this one among them */
    public function giveBack(Child $child, array $taken): void;
}
