<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\Room;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Answered;

/** Answered in writing, with more or less room to work. */
final readonly class Written implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'write';

    public string $type;

    /**
     * @param ?Room $room   for working; null where nothing is drawn
     * @param bool  $long   whether it is an answer of many words, for which one line is too short
     * @param bool  $within whether the answer has its place within the question
     */
    public function __construct(public ?Room $room = null, public bool $within = false, public bool $long = false)
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 70;
    }

    public function said(): string
    {
        return 'write them';
    }

    public function layOut(LayingOut $question): self
    {
        $compares = Answered::Sign === $question->sum->answered();
        if ($compares && $question->hasGap()) {
            return new self(within: true);
        }

        return new self(($compares && '' !== $question->wording) || $question->isWorked() ? $question->room($question->readsACalendar()) : null, long: \in_array($question->sum->answered(), [Answered::Times, Answered::Order], true));
    }

    public function isDrawn(): bool
    {
        return null !== $this->room;
    }

    public function rule(): string
    {
        return $this->within ? '' : 'Answer';
    }
}
