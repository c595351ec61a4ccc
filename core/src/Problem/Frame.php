<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

/** A story without its numbers: what it is about, which times and lengths are plausible, and in which words it is told. */
final readonly class Frame
{
    /**
     * @param string                  $id       in lower case with hyphens
     * @param string                  $about    the activity: "the ferry"
     * @param array<string, Range>    $ranges   by name: of all that is drawn, and of what is found where that matters
     * @param non-empty-list<Wording> $wordings
     * @param list<string>            $extras   sentences that may stand in it and are not needed
     */
    public function __construct(
        public string $id,
        public string $about,
        public Shape $shape,
        public array $ranges,
        public array $wordings,
        public array $extras,
    ) {
    }
}
