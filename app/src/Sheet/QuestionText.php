<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Doctrine\ORM\Mapping as ORM;
use Rostik\App\Classroom\InventedNames;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Problem\ProblemReader;
use Rostik\Core\Question\Question as CoreQuestion;
use Rostik\Core\Question\TimesGiven;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * A question as a sheet keeps it, and as it is sent to and fro: the text of a sum, which may be unfinished, never its
 * answer, and how it is asked and answered.
 */
#[ORM\Embeddable]
final readonly class QuestionText
{
    /**
     * @param string      $sum       as it was typed
     * @param string      $wording   the question in words, in place of the sum on paper; may be empty
     * @param bool        $challenge whether it stands apart at the end
     * @param ?string     $answers   id of the form of its answer; null for as the sheet is
     * @param ?TimesGiven $times     in which form its times are given; null for as on the sheet
     * @param ?string     $story     the story by which it is told, as long as its words and numbers are those of the story; null for none
     */
    public function __construct(
        #[ORM\Column(length: 300)]
        #[Assert\Length(max: 300)]
        public string $sum,
        #[ORM\Column(length: ProblemReader::LONGEST)]
        #[Assert\Length(max: ProblemReader::LONGEST)]
        public string $wording = '',
        #[ORM\Column]
        public bool $challenge = false,
        #[ORM\Column(length: 20, nullable: true)]
        #[AnswerFormId]
        public ?string $answers = null,
        #[ORM\Column(length: 20, nullable: true)]
        public ?TimesGiven $times = null,
        #[ORM\Column(length: 60, nullable: true)]
        #[Assert\Length(max: 60)]
        public ?string $story = null,
    ) {
    }

    /** @param string $sum its sum in canonical text */
    public static function of(CoreQuestion $question, string $sum): self
    {
        return new self($sum, $question->wording, $question->challenge, $question->answers, $question->times, $question->story);
    }

    /** @return array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string} as it is kept where it is no row of its own */
    public function kept(): array
    {
        return ['sum' => $this->sum, 'wording' => $this->wording, 'challenge' => $this->challenge]
            + array_filter(['answers' => $this->answers, 'times' => $this->times?->value, 'story' => $this->story]);
    }

    /** @param array{sum: string, wording: string, challenge: bool, answers?: string, times?: string, story?: string} $kept */
    public static function ofKept(array $kept): self
    {
        return new self($kept['sum'], $kept['wording'], $kept['challenge'], $kept['answers'] ?? null, TimesGiven::tryFrom($kept['times'] ?? ''), $kept['story'] ?? null);
    }

    /** As it is typed in one line: the words of a problem, with the sum that is meant by them in brackets. */
    public function line(): string
    {
        return '' === $this->wording ? $this->sum : \sprintf('%s [%s]', $this->wording, $this->sum);
    }

    /** The same with made-up names in place of those of children. */
    public function withNames(InventedNames $names): self
    {
        return new self($this->sum, $names->in($this->wording, null !== $this->story), $this->challenge, $this->answers, $this->times, $this->story);
    }

    /** The same with another sum. */
    public function withSum(string $sum): self
    {
        return new self($sum, $this->wording, $this->challenge, $this->answers, $this->times, $this->story);
    }

    /** The same story with other numbers. */
    public function toldAgain(string $sum, string $wording): self
    {
        return new self($sum, $wording, $this->challenge, $this->answers, $this->times, $this->story);
    }

    /** @throws NotUnderstood where its sum cannot be read */
    public function read(SumReader $reader): CoreQuestion
    {
        return new CoreQuestion($reader->read($this->sum)->sum, $this->wording, $this->answers, $this->times, $this->challenge, $this->story);
    }
}
