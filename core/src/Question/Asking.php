<?php

declare(strict_types=1);

namespace Rostik\Core\Question;

use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\By24Hours;
use Rostik\Core\Sum\Conversion;
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
use Rostik\Core\Time\Unit;

/** How a sum is asked: in signs, in words, or by clocks. */
final readonly class Asking
{
    private Writer $writer;

    public function __construct(private Forms $forms, Style $style = new Style())
    {
        $this->writer = Writer::marked($style);
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

    /**
     * @param bool $hands whether the hands of a clock are to be drawn
     * @param bool $tight whether there is room for a short line only: "105 min in h and min"
     */
    public function question(Sum $sum, TimesGiven $times, bool $hands = false, bool $tight = false): string
    {
        if ($tight && $sum instanceof Conversion) {
            return Marked::plain($this->writer->amount($sum->amount)).' in '.implode(' and ', array_map(static fn (Unit $unit): string => $unit->after(2), $sum->units));
        }
        if ($sum instanceof Rewrite && $this->reads($sum)) {
            return $hands ? 'Draw the hands: '.$this->writer->inWords($sum->time).'.' : 'What time is it?';
        }
        $form = $this->forms->of($sum);
        $told = match (true) {
            TimesGiven::Words === $times => $form->inWords($sum, $this->writer),
            $times->areDrawn() => $form->byClocks($sum, $this->writer),
            default => null,
        };

        return Marked::plain($told ?? $form->put($sum, $this->writer));
    }

    /** What is said of a sum, to be called true or false. */
    public function claim(Sum $sum, string $answer): string
    {
        return Marked::plain($this->forms->of($sum)->claim($sum, $answer, $this->writer));
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
        if (!$times->areDrawn() || null === $this->forms->of($sum)->byClocks($sum, $this->writer)) {
            return [];
        }

        // counted back, a sum with a part missing begins with the later of the two
        return $sum instanceof Missing && $sum->direction < 0 ? array_reverse($sum->times()) : $sum->times();
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

    /** Twenty past three. */
    public function inWords(StatedTime $time): string
    {
        return Marked::plain($this->writer->inWords($time));
    }

    public function length(Amount $length): string
    {
        return Marked::plain($this->writer->amount($length));
    }
}
