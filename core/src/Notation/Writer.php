<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\Fraction;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Phrase;
use Rostik\Core\Sum\RewriteAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/**
 * Writes times and lengths. A plain writer keeps to ASCII, for keeping and exchanging; a marked one is for people:
 * hours and minutes marked ({@see Marked}), real minus, times and division signs.
 */
final readonly class Writer
{
    private const FRACTIONS = ['1/2' => '½', '1/4' => '¼', '3/4' => '¾', '1/3' => '⅓', '2/3' => '⅔', '1/5' => '⅕', '2/5' => '⅖', '3/5' => '⅗', '4/5' => '⅘', '1/6' => '⅙', '5/6' => '⅚', '1/8' => '⅛', '3/8' => '⅜', '5/8' => '⅝', '7/8' => '⅞'];

    private WrittenTimes $written;

    /** @param bool $says24 whether 24-hour times that could be taken for 12-hour ones are followed by "hours" */
    private function __construct(public Style $style, public bool $marked, private bool $says24 = false)
    {
        $this->written = new WrittenTimes();
    }

    public static function plain(?Style $style = null): self
    {
        return new self($style ?? Style::canonical(), false);
    }

    public static function marked(?Style $style = null): self
    {
        return new self($style ?? Style::canonical(), true);
    }

    /** The same writer, telling 10:30 by the 24-hour clock apart from 10:30 with its half not said: "10:30 hours". */
    public function saying24(): self
    {
        return new self($this->style, $this->marked, true);
    }

    /** The same writer for a time that is to be written in the other form: each clock is then written as it is. */
    public function eachInItsForm(): self
    {
        return !$this->style->always24 ? $this : new self($this->style->byBothClocks(), $this->marked, $this->says24);
    }

    public function time(StatedTime $stated): string
    {
        return $this->written->times[$stated->key()] ??= $this->composed($stated);
    }

    private function composed(StatedTime $stated): string
    {
        if ($this->style->always24 && $stated->halfSaid) {
            $stated = $stated->as24();
        }
        if (ClockForm::TwentyFour === $stated->form) {
            return $this->digits24($stated->minutes).(null === $stated->second ? '' : $this->seconds($stated)).($this->says24 ? ' hours' : '');
        }
        if ($stated->halfSaid && $this->style->nameTwelve && 0 === $stated->minutes % 720 && null === $stated->second) {
            $twelve = $this->marked ? Marked::hour(12) : '12';

            return $twelve.(0 === $stated->minutes ? ' midnight' : ' noon');
        }
        $digits = $this->digits12($stated->minutes).(null === $stated->second ? '' : $this->seconds($stated));

        return $stated->halfSaid ? $digits.' '.$this->half($stated->minutes < 720 ? HalfOfDay::Am : HalfOfDay::Pm) : $digits;
    }

    /** The digits of a time alone, without its half of the day: 1:50. */
    public function clock(StatedTime $stated): string
    {
        return $this->written->clocks[$stated->key()] ??= $this->composedClock($stated);
    }

    private function composedClock(StatedTime $stated): string
    {
        if ($this->style->always24 && $stated->halfSaid) {
            $stated = $stated->as24();
        }

        return (ClockForm::TwentyFour === $stated->form ? $this->digits24($stated->minutes) : $this->digits12($stated->minutes)).(null === $stated->second ? '' : $this->seconds($stated));
    }

    /** A time as a question says it, with its numbers in digits: half past 3, 23 minutes to 9 in the morning. */
    public function spoken(StatedTime $stated): string
    {
        return (new SpokenTime($this->style->past->value, true, $this->marked))->of($stated);
    }

    /** A time in words alone: half past three, twenty-three minutes to nine in the morning. */
    public function inWords(StatedTime $stated): string
    {
        return ($this->written->inWords ??= new SpokenTime($this->style->past->value))->of($stated);
    }

    public function half(HalfOfDay $half): string
    {
        $sign = $this->style->halves->of($half);

        return $this->marked ? '{x:'.$sign.'}' : $sign;
    }

    /** "a.m. or p.m." */
    public function eitherHalf(): string
    {
        return $this->half(HalfOfDay::Am).' or '.$this->half(HalfOfDay::Pm);
    }

    /** The half of the day as a sentence has it: ", a.m.", or nothing where only 24-hour times are written. */
    public function andHalf(HalfOfDay $half): string
    {
        return $this->style->always24 ? '' : ', '.$this->half($half);
    }

    public function amount(Amount $amount): string
    {
        $written = '';
        $parts = $amount->parts;
        foreach (Unit::Tenth === $parts[\count($parts) - 1]->unit ? AmountPart::written($parts) : $parts as $part) {
            $written .= ('' === $written ? '' : ' ').$this->part($part);
        }

        return $written;
    }

    private function rewritten(RewriteAnswer $answer): string
    {
        if ($this->style->always24) {
            return $this->eachInItsForm()->rewritten($answer);
        }

        return match ($answer->as) {
            TimeForm::Words => $this->inWords($answer->time),
            TimeForm::Digital => $answer->time->halfSaid && ClockForm::Twelve === $answer->time->form
                ? $this->clock($answer->time).' '.$this->half($answer->time->time()->half())
                : $this->clock($answer->time),
            default => $this->time($answer->time),
        };
    }

    public function part(AmountPart $part): string
    {
        if (1 === $part->denominator && Unit::Hour === $part->unit) {
            return $this->marked ? '{h:'.$part->numerator.' h}' : $part->numerator.' h';
        }
        if (1 === $part->denominator && Unit::Minute === $part->unit) {
            return $this->marked ? '{m:'.$part->numerator.' min}' : $part->numerator.' min';
        }
        $number = match (true) {
            1 === $part->denominator => (string) $part->numerator,
            $part->isDecimal() => rtrim(rtrim(number_format($part->numerator / $part->denominator, 6, '.', ''), '0'), '.'),
            default => $this->fraction(Fraction::of($part->numerator, $part->denominator)),
        };
        // half a day, and what is smaller, is no days
        $text = $number.' '.$part->unit->after($part->asFraction && $part->numerator < $part->denominator ? '1' : $number);

        return $this->marked ? Marked::unit($part->unit, $text) : $text;
    }

    /** A number of minutes in hours and minutes, as {@see Amount::minutes()} has it: "1 h 45 min", "2 h", "0 min". */
    public function minutes(int $minutes): string
    {
        $rest = $minutes % 60;
        $hours = intdiv($minutes, 60);
        if (0 === $hours) {
            return $this->marked ? '{m:'.$rest.' min}' : $rest.' min';
        }
        if (0 === $rest) {
            return $this->marked ? '{h:'.$hours.' h}' : $hours.' h';
        }

        return $this->marked ? '{h:'.$hours.' h} {m:'.$rest.' min}' : $hours.' h '.$rest.' min';
    }

    public function answer(Answer $answer): string
    {
        // a time or a length alone, which most answers are, needs no phrase
        return match (true) {
            $answer instanceof TimeAnswer && 0 === $answer->dayOffset => $this->time($answer->time),
            $answer instanceof LengthAnswer => $this->amount($answer->amount),
            default => $this->phrase($answer->said()),
        };
    }

    /** "Friday 12 March 2027"; where the month comes first, "Friday, March 12, 2027". What was not said is left out. */
    public function date(StatedDate $date): string
    {
        return WrittenDate::of($date->day, $date->month, $date->year, $date->weekday, $this->style);
    }

    /** @param Phrase $phrase without sums in it, which {@see Forms::phrase()} writes */
    public function phrase(Phrase $phrase): string
    {
        $written = '';
        foreach ($phrase->parts as $part) {
            $written .= match (true) {
                \is_string($part) => $part,
                $part instanceof StatedTime => $this->time($part),
                $part instanceof Amount => $this->amount($part),
                $part instanceof StatedDate => $this->date($part),
                $part instanceof AmountPart => $this->part($part),
                $part instanceof HalfOfDay => $this->half($part),
                $part instanceof RewriteAnswer => $this->rewritten($part),
                default => throw new \LogicException('A writer alone does not write sums.'),
            };
        }

        return $written;
    }

    /** 1 1/2 plain, 1½ for people. */
    public function fraction(Fraction $fraction): string
    {
        $rest = $fraction->rest();
        $part = $rest->numerator.'/'.$rest->denominator;
        $one = $this->marked ? self::FRACTIONS[$part] ?? null : null;

        return match (true) {
            $fraction->isWhole() => (string) $fraction->whole(),
            0 === $fraction->whole() => $one ?? $part,
            default => $fraction->whole().($one ?? ' '.$part),
        };
    }

    public function minus(): string
    {
        return $this->marked ? '−' : '-';
    }

    public function divided(): string
    {
        return $this->marked ? '÷' : '/';
    }

    public function times(): string
    {
        return $this->marked ? '×' : 'x';
    }

    /** What stands between the hour and the minutes of a time: by the 24-hour clock always a colon. */
    public function separator(StatedTime $stated): Separator
    {
        return ClockForm::TwentyFour === $stated->form ? Separator::Colon : $this->style->separator;
    }

    /** ":25"; nothing for whole minutes. */
    private function seconds(StatedTime $stated): string
    {
        if (null === $stated->second) {
            return '';
        }
        $separator = $this->separator($stated)->value;
        $two = \sprintf('%02d', $stated->second);

        return $separator.($this->marked ? Marked::unit(Unit::Second, $two) : $two);
    }

    private function digits12(int $minutes): string
    {
        return $this->digits((string) ((intdiv($minutes, 60) + 11) % 12 + 1), $this->style->separator->value, $minutes % 60);
    }

    private function digits24(int $minutes): string
    {
        return $this->digits(($minutes < 600 && $this->style->leadingNought ? '0' : '').intdiv($minutes, 60), ':', $minutes % 60);
    }

    private function digits(string $hour, string $separator, int $minute): string
    {
        $two = ($minute < 10 ? '0' : '').$minute;

        return $this->marked ? '{h:'.$hour.'}'.$separator.'{m:'.$two.'}' : $hour.$separator.$two;
    }
}
