<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Rostik\Core\Sheet\AnswerForm;
use Rostik\Core\Sheet\TimesGiven;

/** A question as it is put to a child: the text of a sum, never its answer, and how this one is asked and answered. */
#[ORM\Embeddable]
final readonly class PosedQuestion
{
    /**
     * @param string      $sum       as it was typed
     * @param string      $wording   the question in words, in place of the sum on paper; may be empty
     * @param bool        $challenge whether it stands apart at the end
     * @param ?AnswerForm $answers   how this one is answered; null for as the sheet is
     * @param ?TimesGiven $times     in which form its times are given; null for as on the sheet
     */
    public function __construct(
        #[ORM\Column(length: 300)]
        public string $sum,
        #[ORM\Column(length: 600)]
        public string $wording = '',
        #[ORM\Column]
        public bool $challenge = false,
        #[ORM\Column(length: 20, nullable: true)]
        public ?AnswerForm $answers = null,
        #[ORM\Column(length: 20, nullable: true)]
        public ?TimesGiven $times = null,
    ) {
    }

    /** The same with another sum. */
    public function withSum(string $sum): self
    {
        return new self($sum, $this->wording, $this->challenge, $this->answers, $this->times);
    }

    /** @return array{sum: string, wording: string, challenge: bool, answers?: string, times?: string} as it is kept */
    public function kept(): array
    {
        return ['sum' => $this->sum, 'wording' => $this->wording, 'challenge' => $this->challenge]
            + array_filter(['answers' => $this->answers?->value, 'times' => $this->times?->value]);
    }

    /** @param array{sum: string, wording: string, challenge: bool, answers?: string, times?: string} $kept */
    public static function from(array $kept): self
    {
        return new self($kept['sum'], $kept['wording'], $kept['challenge'], AnswerForm::tryFrom($kept['answers'] ?? ''), TimesGiven::tryFrom($kept['times'] ?? ''));
    }
}
