<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Sum\Ambiguous;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WithGap;
use Rostik\Core\Time\TooLong;

/** All mistakes: whatever class stands in the folder Catalogue. */
final readonly class MistakeBook
{
    /** @var array<string, Mistake> by id */
    private array $mistakes;

    public function __construct(private RightAnswer $right, Mistake ...$mistakes)
    {
        $byId = [];
        foreach ($mistakes as $mistake) {
            $byId[$mistake->id()] = $mistake;
        }
        $this->mistakes = $byId;
    }

    public static function standard(): self
    {
        $mistakes = [];
        foreach (glob(__DIR__.'/Catalogue/*.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\Catalogue\\'.basename($file, '.php');
            $mistake = class_exists($class) ? new $class() : null;
            if ($mistake instanceof Mistake) {
                $mistakes[] = $mistake;
            }
        }

        return new self(new RightAnswer(), ...$mistakes);
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

    /** 180 min for 3 h is no mistake, only not the usual way of writing it; 2 h 60 min is one. */
    private static function isOtherForm(Given $given, Given $right): bool
    {
        return $given instanceof GivenLength && $right instanceof GivenLength && !$given->overflows()
            && $given->parts[0]->unit->chain() === $right->parts[0]->unit->chain() && $given->count() === $right->count();
    }

    /**
     * What a child with each mistake would write; only those that show in this sum, and never the right answer.
     *
     * @param bool $faceSeen whether a time to be written in digits is shown on a clock, as it is on paper, and not told
     *                       in words alone
     *
     * @return array<string, Given> by id of the mistake; none for a sum whose answer depends on what was not said
     */
    public function predict(Sum $sum, bool $faceSeen = true): array
    {
        $plain = $sum instanceof WithGap ? $sum->turnedRound() : $sum;
        try {
            $right = $plain instanceof Ambiguous && [] !== $plain->readings() ? null : $this->right->to($plain);
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
            try {
                $given = $mistake->predict($plain);
            } catch (TooLong) {
                // what nobody would write down
                continue;
            }
            if (null !== $given && $given->text() !== $right->text() && !self::isOtherForm($given, $right)) {
                $predicted[$id] = $given;
            }
        }

        return $predicted;
    }
}
