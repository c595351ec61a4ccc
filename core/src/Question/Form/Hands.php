<?php

declare(strict_types=1);

namespace Rostik\Core\Question\Form;

use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\LayingOut;
use Rostik\Core\Question\UsualForm;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** Hands are drawn on a clock face, and nothing is written but the half of the day. */
final readonly class Hands implements AnswerForm
{
    use UsualForm;

    public const TYPE = 'hands';

    public string $type;

    /**
     * @param string $half what is asked besides, "a.m. or p.m.?"; empty for nothing
     * @param bool   $said whether the question itself says that hands are to be drawn
     */
    public function __construct(public string $half = '', public bool $said = false)
    {
        $this->type = self::TYPE;
    }

    public static function precedence(): int
    {
        return 40;
    }

    public function said(): string
    {
        return 'draw the hands';
    }

    public function layOut(LayingOut $question): ?self
    {
        $sum = $question->sum;
        if (null === $question->answer->onHands()) {
            return null;
        }
        $half = !$sum instanceof Rewrite && [] !== array_filter($sum->times(), static fn (StatedTime $t): bool => $t->halfSaid && ClockForm::Twelve === $t->form);

        return new self($half ? $question->asking->eitherHalf().'?' : '', '' === $question->wording && $question->showsTheTime());
    }

    public function drawsTheTime(): bool
    {
        return true;
    }

    public function isDrawn(): bool
    {
        return true;
    }

    public function hint(): string
    {
        return $this->said ? '' : 'Draw the hands.';
    }

    public function rule(): string
    {
        return $this->half;
    }
}
