<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\TimesGiven;
use Symfony\Component\Validator\Constraints as Assert;

/** A question as it should be on the sheet. */
final readonly class QuestionRequest
{
    #[Assert\Uuid(strict: true)]
    public string $id;

    /**
     * @param string      $id        a UUID given by whoever adds the question, so that a change sent twice adds it once
     * @param string      $sum       as typed; it may be unfinished
     * @param string      $wording   the question in words, in place of the sum on paper; may be empty
     * @param bool        $locked    whether it stays when the numbers are drawn anew
     * @param bool        $challenge whether it stands apart at the end
     * @param ?AnswerForm $answers   how this one is answered; null for as the sheet is
     * @param ?TimesGiven $times     in which form its times are given; null for as on the sheet
     */
    public function __construct(
        string $id,
        #[Assert\Length(max: 300)]
        public string $sum,
        #[Assert\Length(max: 600)]
        public string $wording = '',
        public bool $locked = false,
        public bool $challenge = false,
        public ?AnswerForm $answers = null,
        public ?TimesGiven $times = null,
    ) {
        // the same identity, however it is written
        $this->id = strtolower($id);
    }

    /** By which questions of one sheet are told apart. */
    public static function identity(mixed $question): ?string
    {
        return $question instanceof self ? $question->id : null;
    }

    public function posed(): PosedQuestion
    {
        return new PosedQuestion($this->sum, $this->wording, $this->challenge, $this->answers, $this->times);
    }
}
