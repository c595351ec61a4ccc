<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Method\Step;

/** A sum worked in one method. */
final readonly class WorkedMethod
{
    /** @param non-empty-list<Step> $steps */
    public function __construct(
        public string $id,
        public string $title,
        public array $steps,
        public string $answer,
    ) {
    }
}
