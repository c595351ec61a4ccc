<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\TimesGiven;
use Rostik\Core\Sheet\Warning;

/** One question of a sheet as it stands there. */
final readonly class QuestionReply
{
    /**
     * @param string        $sum       as it was typed
     * @param string        $shown     marked text; as typed where it cannot be read
     * @param ?string       $answer    marked text; null where it has none
     * @param ?string       $problem   why it has no answer, in a sentence
     * @param list<Warning> $warnings  what is worth a second look
     * @param string        $wording   the question in words, in place of the sum on paper; may be empty
     * @param bool          $locked    whether it stays when the numbers are drawn anew
     * @param bool          $challenge whether it stands apart at the end
     * @param ?AnswerForm   $answers   how this one is answered; null for as the sheet is
     * @param ?TimesGiven   $times     in which form its times are given; null for as on the sheet
     */
    public function __construct(
        public string $id,
        public string $sum,
        public string $shown,
        public ?string $answer,
        public ?string $problem,
        public array $warnings,
        public string $wording,
        public bool $locked,
        public bool $challenge,
        public ?AnswerForm $answers,
        public ?TimesGiven $times,
    ) {
    }
}
