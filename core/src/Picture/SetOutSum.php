<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** One sum of a problem that is set out, as far as one has come. */
final readonly class SetOutSum
{
    /**
     * @param string   $find      what is to be found by it
     * @param ?string  $operation what is done, in a word or two; null until it is said
     * @param ?string  $sum       marked text; null until the operation is said
     * @param ?Picture $working   its working as it then stands; null before it begins
     * @param ?string  $result    marked text; null until it is found
     */
    public function __construct(public string $find, public ?string $operation = null, public ?string $sum = null, public ?Picture $working = null, public ?string $result = null)
    {
    }
}
