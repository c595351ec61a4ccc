<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Comparison;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;

/** How a sum is asked: in signs, in words, or by clocks. */
final readonly class Asking
{
    private Writer $marked;
    private SpokenTime $spoken;

    public function __construct(private Forms $forms)
    {
        $this->marked = Writer::marked();
        $this->spoken = new SpokenTime();
    }

    /** The sum as its times are to be given: by the 24-hour clock, where that is wanted and the half of the day is said. */
    public function given(Sum $sum, TimesGiven $times): Sum
    {
        if (TimesGiven::TwentyFour !== $times || $sum instanceof Rewrite || [] !== $sum->readings()) {
            return $sum;
        }
        $stated = $sum->times();
        if ([] === $stated || [] !== array_filter($stated, static fn (StatedTime $t): bool => !$t->halfSaid)) {
            return $sum;
        }

        return $sum->withTimes(...array_map(static fn (StatedTime $t): StatedTime => $t->as24(), $stated));
    }

    /** @param bool $hands whether the hands of a clock are to be drawn */
    public function question(Sum $sum, TimesGiven $times, bool $hands = false): string
    {
        if ($sum instanceof Rewrite && $this->reads($sum)) {
            return $hands ? 'Draw the hands: '.$this->spoken->of($sum->time).'.' : 'What time is it?';
        }
        $told = match ($times) {
            TimesGiven::Words => $this->inWords($sum),
            TimesGiven::Clocks, TimesGiven::RomanClocks => $this->byClocks($sum),
            default => null,
        };
        if (null !== $told) {
            return $told;
        }
        $text = $this->inSigns($sum);

        return match (true) {
            $sum instanceof Comparison => str_replace(' ? ', ' ___ ', $text).'     Write <, > or =.',
            $sum instanceof Order => $this->inOrder($sum).substr($text, (int) strpos($text, $sum->descends ? ': ' : ' ') + ($sum->descends ? 2 : 1)),
            default => $text,
        };
    }

    /** What is said of a sum, to be called true or false. */
    public function claim(Sum $sum, string $answer): string
    {
        $text = $this->inSigns($sum);

        return match (true) {
            $sum instanceof Comparison => str_replace(' ? ', ' '.$answer.' ', $text),
            $sum->plain() !== $sum => str_replace('_', $answer, $text),
            $sum instanceof Order => str_replace('Put in order', 'In order', $this->inOrder($sum)).$answer,
            $sum instanceof Conversion => Marked::plain($this->marked->amount($sum->amount)).' = '.$answer,
            $sum instanceof Rewrite => ucfirst($this->spoken->of($sum->time)).' is '.$answer,
            default => $text.' = '.$answer,
        };
    }

    public function inSigns(Sum $sum): string
    {
        return Marked::plain($this->forms->write($sum, $this->marked));
    }

    /** Whether a clock is to be read: then it is drawn, and not said. */
    public function reads(Sum $sum): bool
    {
        return $sum instanceof Rewrite && TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form;
    }

    /** @return list<StatedTime> the times to be drawn as clocks, in the order in which they are spoken of */
    public function clocks(Sum $sum, TimesGiven $times, bool $hands = false): array
    {
        if ($sum instanceof Rewrite && $this->reads($sum)) {
            return $hands ? [] : [$sum->time];
        }
        if (!$times->areDrawn() || null === $this->byClocks($sum)) {
            return [];
        }
        if ($sum instanceof Missing) {
            // counted back, the sum begins with the later of the two
            return array_values(array_filter($sum->direction > 0 ? [$sum->start, $sum->end] : [$sum->end, $sum->start]));
        }

        return $sum->times();
    }

    private function byClocks(Sum $sum): ?string
    {
        return match (true) {
            $sum instanceof Later => \sprintf('What time is it %s later?', $this->length($sum->length)),
            $sum instanceof Earlier => \sprintf('What time was it %s earlier?', $this->length($sum->length)),
            $sum instanceof Elapsed => 'How long is it from the first clock to the second?',
            $sum instanceof Missing && null !== $sum->length => \sprintf($sum->direction > 0 ? '%s later, the clock shows this. What time is it now?' : '%s earlier, the clock showed this. What time is it now?', $this->length($sum->length)),
            $sum instanceof Missing => 'How long is it from the first clock to the second?',
            default => null,
        };
    }

    private function inWords(Sum $sum): ?string
    {
        $said = $this->spoken->of(...);

        return match (true) {
            $sum instanceof Later => \sprintf('What time is it %s after %s?', $this->length($sum->length), $said($sum->start)),
            $sum instanceof Earlier => \sprintf('What time is it %s before %s?', $this->length($sum->length), $said($sum->start)),
            $sum instanceof Elapsed => \sprintf('How long is it from %s until %s?', $said($sum->start), $said($sum->end)),
            $sum instanceof Missing && null !== $sum->length => \sprintf($sum->direction > 0 ? '%s later it is %s. What time is it now?' : '%s earlier it was %s. What time is it now?', $this->length($sum->length), $said($sum->end)),
            $sum instanceof Missing && null !== $sum->start => $sum->direction > 0
                ? \sprintf('How long is it from %s until %s?', $said($sum->start), $said($sum->end))
                : \sprintf('How long is it from %s until %s?', $said($sum->end), $said($sum->start)),
            $sum instanceof Order && [] !== $sum->times => $this->inOrder($sum).implode(', ', array_map($said, $sum->times)),
            default => null,
        };
    }

    private function inOrder(Order $sum): string
    {
        return match (true) {
            !$sum->descends => 'Put in order: ',
            [] !== $sum->times => 'Put in order, latest first: ',
            default => 'Put in order, longest first: ',
        };
    }

    public function time(StatedTime $time): string
    {
        return Marked::plain($this->marked->time($time));
    }

    public function length(Amount $length): string
    {
        return Marked::plain($this->marked->amount($length));
    }
}
