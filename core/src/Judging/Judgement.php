<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

/** One written answer, judged. */
final readonly class Judgement
{
    /**
     * @param ?Given               $given     as it was read; null where it is blank or cannot be read
     * @param ?Given               $expected  the right answer; null where the sum has none
     * @param list<string>         $fits      ids of the mistakes of which this is the very answer
     * @param bool                 $slip      whether no mistake explains it and it is off by 1, 5 or 10 or by exactly one hour
     * @param array<string, Given> $predicted what each mistake would have led to
     * @param bool                 $near      whether it is off by 1, 5 or 10 or by exactly one hour, be it a slip or a mistake
     * @param string               $kind      of the sum
     */
    public function __construct(
        public Verdict $verdict,
        public ?Given $given,
        public ?Given $expected,
        public array $fits,
        public bool $slip,
        public array $predicted,
        public bool $near = false,
        public string $kind = '',
    ) {
    }
}
