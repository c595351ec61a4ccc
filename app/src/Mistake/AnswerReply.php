<?php

declare(strict_types=1);

namespace Rostik\App\Mistake;

use Rostik\Core\Judging\Verdict;

/** What is to be said of a written answer. */
final readonly class AnswerReply
{
    /**
     * @param ?string           $read     as it was read; null where it is blank or cannot be read
     * @param ?string           $expected the right answer; null where there is no one answer
     * @param list<LikelyReply> $fits     mistakes of which it is the very answer
     * @param bool              $slip     whether it is only a little off, and no mistake explains it
     */
    public function __construct(
        public Verdict $verdict,
        public ?string $read,
        public ?string $expected,
        public array $fits,
        public bool $slip,
    ) {
    }
}
