<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\Predicting;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\TooLong;

/** All mistakes: every class in the folder Catalogue. */
final readonly class MistakeBook implements Predicting
{
    /** @var array<string, Mistake> by id */
    private array $mistakes;

    /** @param iterable<Mistake> $mistakes in any order */
    public function __construct(private RightAnswer $right, private Throughout $throughout, iterable $mistakes)
    {
        $byId = [];
        foreach ($mistakes as $mistake) {
            $byId[$mistake->id()] = $mistake;
        }
        ksort($byId);
        $this->mistakes = $byId;
    }

    /** @return list<Mistake> */
    public function all(): array
    {
        return array_values($this->mistakes);
    }

    /** @throws \OutOfBoundsException */
    public function mistake(string $id): Mistake
    {
        return $this->mistakes[$id] ?? throw new \OutOfBoundsException(\sprintf('There is no mistake “%s”.', $id));
    }

    public function predict(Sum $sum, bool $faceSeen = true, string $words = ''): array
    {
        $plain = $sum->plain();
        try {
            $right = [] !== $plain->readings() ? null : $this->right->to($plain);
        } catch (CannotBeDone) {
            return [];
        }
        if (null === $right) {
            return [];
        }
        $predicted = [];
        foreach ($this->mistakes as $id => $mistake) {
            if (!$faceSeen && $mistake instanceof FaceMistake) {
                continue;
            }
            $one = '' !== $words && $mistake instanceof ToldMistake ? $mistake->in($words) : $mistake;
            try {
                $given = $one->predict($plain) ?? $this->throughout->predict($one, $plain);
            } catch (TooLong) {
                // what nobody would write down
                continue;
            }
            if ($given instanceof GivenTime && $right instanceof GivenTime && null === $given->second) {
                // what is said of hours and minutes leaves the seconds as they are
                $given = $given->withSecond($right->second);
            }
            if (null !== $given && $given->text() !== $right->text() && !($given instanceof GivenLength && $given->isOtherFormOf($right))) {
                $predicted[$id] = $given;
            }
        }

        return $predicted;
    }
}
