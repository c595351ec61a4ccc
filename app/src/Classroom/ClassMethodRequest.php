<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\Core\Sum\Kind;
use Symfony\Component\Validator\Constraints as Assert;

/** The method in which a class is to work one kind of sum. */
final readonly class ClassMethodRequest
{
    /** @param ?string $method id of a method; null for whichever suits the numbers */
    public function __construct(
        public Kind $kind,
        #[Assert\Length(max: 40)]
        public ?string $method = null,
    ) {
    }
}
