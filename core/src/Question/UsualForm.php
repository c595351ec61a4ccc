<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Sum\Sum;

/** What most forms of answer have in common. The class has a constant TYPE and a property `type`. */
trait UsualForm
{
    public function id(): string
    {
        return self::TYPE;
    }

    /** @return list<string> */
    public function methods(): array
    {
        return [];
    }

    public function drawsTheTime(): bool
    {
        return false;
    }

    public function isDrawn(): bool
    {
        return false;
    }

    public function hint(): string
    {
        return '';
    }

    public function rule(): string
    {
        return '';
    }

    public function asks(string $asked, string $wording): string
    {
        return $asked;
    }

    /**
     * @param list<ShownClock> $clocks
     *
     * @return list<ShownClock>
     */
    public function shows(array $clocks): array
    {
        return $clocks;
    }

    public function key(string $answer): string
    {
        return $answer;
    }

    public function joins(AnswerForm $other): bool
    {
        return false;
    }

    public function judge(Sum $sum, string $written, Judge $judge): Judgement
    {
        return $judge->judge($sum, $written);
    }
}
