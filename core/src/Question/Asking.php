<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\SpokenTime;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\By24Hours;
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
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** How a sum is asked: in signs, in words, or by clocks. */
final readonly class Asking
{
    private Writer $writer;
    private SpokenTime $spoken;

    public function __construct(private Forms $forms, Style $style = new Style())
    {
        $this->writer = Writer::marked($style);
        $this->spoken = new SpokenTime($style->past->value);
    }

    /** The same for a class that writes in its own way. */
    public function in(Style $style): self
    {
        return new self($this->forms, $style);
    }

    /** The sum as its times are to be given: by the 24-hour clock, where that is wanted or the class's way, and the half of the day is said. */
    public function given(Sum $sum, TimesGiven $times): Sum
    {
        return TimesGiven::TwentyFour === $times ? By24Hours::of($sum) : $this->writer->style->states($sum);
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
            $sum instanceof Conversion => Marked::plain($this->writer->amount($sum->amount)).' = '.$answer,
            $sum instanceof Rewrite => ucfirst($this->spoken->of($sum->time)).' is '.$answer,
            default => $text.' = '.$answer,
        };
    }

    public function inSigns(Sum $sum): string
    {
        return Marked::plain($this->forms->write($sum, $this->writer));
    }

    /** Whether a clock is to be read: then it is drawn, and not said. */
    public function reads(Sum $sum): bool
    {
        return $sum instanceof Rewrite && TimeForm::Digital === $sum->as && ClockForm::Twelve === $sum->time->form;
    }

    /** @return list<ShownClock> the times to be drawn as clocks, in the order in which they are spoken of */
    public function clocks(Sum $sum, TimesGiven $times, bool $hands = false): array
    {
        return array_map(fn (StatedTime $time): ShownClock => new ShownClock($time, $time->halfSaid ? $this->below($time) : ''), $this->drawn($sum, $times, $hands));
    }

    /** What stands below a face, which shows no half of the day itself. */
    private function below(StatedTime $time): string
    {
        $half = $time->time()->half();

        return match (true) {
            !$this->writer->style->always24 => Marked::plain($this->writer->half($half)),
            HalfOfDay::Am === $half => 'before noon',
            default => 'after noon',
        };
    }

    /** @return list<StatedTime> */
    private function drawn(Sum $sum, TimesGiven $times, bool $hands): array
    {
        if ($this->reads($sum)) {
            return $hands ? [] : $sum->times();
        }
        if (!$times->areDrawn() || null === $this->byClocks($sum)) {
            return [];
        }

        // counted back, a sum with a part missing begins with the later of the two
        return $sum instanceof Missing && $sum->direction < 0 ? array_reverse($sum->times()) : $sum->times();
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

    /** "a.m. or p.m." */
    public function eitherHalf(): string
    {
        return Marked::plain($this->writer->eitherHalf());
    }

    public function time(StatedTime $time): string
    {
        return Marked::plain($this->writer->time($time));
    }

    public function length(Amount $length): string
    {
        return Marked::plain($this->writer->amount($length));
    }
}
