<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Symfony\Component\Validator\Constraints as Assert;

/** A list of questions, as text: pasted, or the contents of a file. */
final readonly class ReadFileRequest
{
    public function __construct(
        #[Assert\Length(max: 1_000_000)]
        public string $text,
    ) {
    }
}
