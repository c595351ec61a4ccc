<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake\Catalogue;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Mistake\Mistake;
use Rostik\Core\Mistake\OfTheWhole;
use Rostik\Core\Mistake\ToldMistake;
use Rostik\Core\Picture\Model;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/**
 * Copies a number of the story for an answer: a time where a time is asked, a length where a length is; of several the one
 * that is used last.
 *
 * Common practice, no source.
 */
final readonly class AnswersAGiven implements ToldMistake, OfTheWhole
{
    private const TOLD = [Kind::Total, Kind::Difference, Kind::Product, Kind::Share, Kind::Later, Kind::Earlier, Kind::Elapsed, Kind::Chain];

    public function __construct(private string $words = '')
    {
    }

    public function id(): string
    {
        return 'answers-a-given';
    }

    public function may(): string
    {
        return 'may be copying a number of the story for an answer';
    }

    public function look(): string
    {
        return 'Cover the numbers and read the question once more: is what you wrote known from the beginning, or is it what is asked?';
    }

    public function model(): Model
    {
        return Model::Line;
    }

    public function in(string $words): Mistake
    {
        return new self($words);
    }

    public function predict(Sum $sum): ?Given
    {
        if ('' === $this->words || !\in_array($sum->kind(), self::TOLD, true)) {
            return null;
        }
        $times = $sum->times();
        $lengths = $sum->lengths();

        return match (true) {
            Answered::Time === $sum->answered() && [] !== $times => GivenTime::stated($times[\count($times) - 1]),
            Answered::Length === $sum->answered() && [] !== $lengths => GivenLength::amount(Amount::usual($lengths[\count($lengths) - 1]->duration, $lengths[\count($lengths) - 1]->largest())),
            default => null,
        };
    }
}
