<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Sum\Sum;

/**
 * A question as it is put to a child: a sum, perhaps told in words, and how it is to be asked and answered. Its answer is
 * always computed, when it is posed, never kept.
 */
final readonly class Question
{
    /**
     * @param string      $wording   the question in words, in place of the sum; may be empty
     * @param ?string     $answers   id of the form of its answer; null for the usual one where it is put
     * @param ?TimesGiven $times     in which form its times are given; null for the usual one where it is put
     * @param bool        $challenge whether it stands apart at the end
     * @param ?string     $story     id of the story that it is told by; null for a teacher's own words, and for none
     */
    public function __construct(
        public Sum $sum,
        public string $wording = '',
        public ?string $answers = null,
        public ?TimesGiven $times = null,
        public bool $challenge = false,
        public ?string $story = null,
    ) {
    }

    /** The same with another sum. */
    public function about(Sum $sum): self
    {
        return new self($sum, $this->wording, $this->answers, $this->times, $this->challenge, $this->story);
    }
}
