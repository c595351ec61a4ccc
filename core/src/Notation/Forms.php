<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\EitherWay;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Phrase;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** All forms of sum: every class in the folder Form, in the order that they state themselves. */
final readonly class Forms
{
    /** @var array<string, Form> by kind */
    private array $forms;

    /** @param iterable<Form> $forms in the order in which they are tried */
    public function __construct(iterable $forms)
    {
        $byKind = [];
        foreach ($forms as $form) {
            $byKind[$form->kind()->value] = $form;
        }
        $this->forms = $byKind;
    }

    /** @return array<string, Form> */
    public function all(): array
    {
        return $this->forms;
    }

    public function of(Kind $kind): Form
    {
        return $this->forms[$kind->value] ?? throw new \LogicException('No form for '.$kind->value);
    }

    /** The solved sum, where it is not simply "sum = answer"; null where it is. */
    public function writeSolved(Sum $sum, Answer $answer, Writer $writer): ?string
    {
        $form = $this->of($sum->kind());

        return $form instanceof SolvedForm ? $form->writeSolved($sum, $answer, $writer) : null;
    }

    public function phrase(Phrase $phrase, Writer $writer): string
    {
        return implode('', array_map(fn (string|StatedTime|HalfOfDay|Sum $part): string => match (true) {
            \is_string($part) => $part,
            $part instanceof StatedTime => $writer->time($part),
            $part instanceof HalfOfDay => $writer->half($part),
            default => $this->write($part, $writer),
        }, $phrase->parts));
    }

    public function write(Sum $sum, Writer $writer): string
    {
        if ($sum instanceof EitherWay) {
            return $sum->text;
        }

        return $this->of($sum->kind())->write($sum, !$writer->marked && $this->couldBeTakenFor12($sum) ? $writer->saying24() : $writer);
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
