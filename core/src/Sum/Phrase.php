<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;

/** Words with values among them, each to be written in the way of whoever reads it: "if the end is " and a.m. */
final readonly class Phrase
{
    /** @param list<string|StatedTime|StatedDate|HalfOfDay|Amount|AmountPart|RewriteAnswer|Sum> $parts words with the blanks around them, and values */
    private function __construct(public array $parts)
    {
    }

    public static function of(string|StatedTime|StatedDate|HalfOfDay|Amount|AmountPart|RewriteAnswer|Sum ...$parts): self
    {
        return new self(array_values($parts));
    }

    /**
     * Values with the same words between them.
     *
     * @return list<string|StatedTime|Amount|AmountPart>
     */
    public static function listed(string $between, StatedTime|Amount|AmountPart ...$values): array
    {
        $parts = [];
        foreach ($values as $value) {
            if ([] !== $parts) {
                $parts[] = $between;
            }
            $parts[] = $value;
        }

        return $parts;
    }

    public function and(string $between, self $other): self
    {
        return new self([...$this->parts, $between, ...$other->parts]);
    }
}
