<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Method\Working;

/** A problem in words as it is set out, with all that stands on paper for it. */
final readonly class SetOutProblem
{
    /**
     * @param list<string>           $given      what is given, by name: "start", "how long"
     * @param non-empty-list<string> $operations of its sums, in order: "Adding"
     * @param string                 $sentence   that answers it, plain
     * @param string                 $before     the same up to the answer
     * @param string                 $after      the same behind the answer
     * @param Working                $working    line by line
     */
    public function __construct(public array $given, public array $operations, public string $sentence, public string $before, public string $after, public Working $working)
    {
    }
}
