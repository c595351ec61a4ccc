<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\EitherWay;
use Rostik\Core\Sum\Phrase;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;

/** All forms of sum: every class in the folder Form, in the order that they state themselves. */
final class Forms
{
    /** @var ?list<Form> */
    private ?array $forms = null;

    /** @var array<class-string<Sum>, Form> */
    private array $bySum = [];

    /** @param iterable<Form> $tagged in the order in which they are tried; asked for only when they are needed, since one of them needs the others */
    public function __construct(private readonly iterable $tagged)
    {
    }

    /** @return list<Form> */
    public function all(): array
    {
        return $this->forms ?? $this->gathered();
    }

    public function of(Sum $sum): Form
    {
        if (null === $this->forms) {
            $this->gathered();
        }

        return $this->bySum[$sum::class] ?? throw new \LogicException('No form for '.$sum::class);
    }

    /** @return list<Form> */
    private function gathered(): array
    {
        $this->forms = [];
        foreach ($this->tagged as $form) {
            $this->forms[] = $form;
            foreach ($form::sums() as $sum) {
                $this->bySum[$sum] = $form;
            }
        }

        return $this->forms;
    }

    /** The solved sum, where it is not simply "sum = answer"; null where it is. */
    public function solved(Sum $sum, Answer $answer, Writer $writer): ?string
    {
        return $this->of($sum)->solved($sum, $answer, $writer);
    }

    public function phrase(Phrase $phrase, Writer $writer): string
    {
        return implode('', array_map(fn (mixed $part): string => $part instanceof Sum ? $this->write($part, $writer) : $writer->phrase(Phrase::of($part)), $phrase->parts));
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if ($sum instanceof EitherWay) {
            return $sum->text;
        }

        return $this->of($sum)->write($sum, !$writer->marked && $this->couldBeTakenFor12($sum) ? $writer->saying24() : $writer);
    }

    /** Whether all its 24-hour times lie between 10:00 and 12:59, where the digits alone do not tell the clock. */
    private function couldBeTakenFor12(Sum $sum): bool
    {
        // what is to be written as a 12-hour time is a 24-hour time
        if ($sum instanceof Rewrite && TimeForm::Twelve === $sum->as) {
            return false;
        }
        $has24 = false;
        foreach ($sum->times() as $time) {
            if (ClockForm::TwentyFour === $time->form) {
                $has24 = true;
                if ($time->minutes < 600 || $time->minutes >= 780) {
                    return false;
                }
            }
        }

        return $has24;
    }
}
