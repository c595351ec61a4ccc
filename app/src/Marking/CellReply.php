<?php

declare(strict_types=1);

namespace Rostik\App\Marking;

use Rostik\Core\Judging\Verdict;
use Rostik\Core\Marking\Counts;
use Rostik\Core\Marking\Sign;

/** An answer on a paper, as it is marked, and what is to be said of it. */
final readonly class CellReply
{
    /**
     * @param string       $given    as it stands on the paper; empty where only a sign was given
     * @param ?bool        $over     the teacher's own word
     * @param ?Counts      $counts   null where nothing is marked
     * @param ?Verdict     $verdict  of the judging; null where only a sign was given
     * @param string       $read     as it was read; empty where it was not
     * @param list<string> $fits     ids of causes
     * @param bool         $slip     whether it is only a little off
     * @param bool         $followed whether a second step is right from the child's own first answer
     */
    public function __construct(
        public string $paper,
        public int $question,
        public string $given,
        public ?Sign $sign,
        public ?bool $over,
        public ?Counts $counts,
        public ?Verdict $verdict = null,
        public string $read = '',
        public array $fits = [],
        public bool $slip = false,
        public bool $followed = false,
    ) {
    }
}
