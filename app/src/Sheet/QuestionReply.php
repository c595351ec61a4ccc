<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\Warning;

/** One question of a sheet as it stands there. */
final readonly class QuestionReply
{
    /**
     * @param bool          $locked   whether it stays when the numbers are drawn anew
     * @param string        $shown    its sum as marked text; as typed where it cannot be read
     * @param ?string       $answer   marked text; null where it has none
     * @param ?string       $problem  why it has no answer, in a sentence
     * @param list<Warning> $warnings what is worth a second look
     */
    public function __construct(
        public string $id,
        public QuestionText $text,
        public bool $locked,
        public string $shown,
        public ?string $answer,
        public ?string $problem,
        public array $warnings,
    ) {
    }
}
