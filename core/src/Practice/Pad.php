<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\Choice;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\TrueOrFalse;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\DateOrder;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Sum\WordAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/** The keys with which a child answers: the signs of time that such an answer may need, and never only those of the right one. */
final readonly class Pad
{
    /**
     * @param bool         $digits whether there are 0 to 9
     * @param list<string> $keys   what else is typed, as it is written
     * @param list<string> $choose whole answers, one of which is tapped; empty where the answer is typed
     * @param list<string> $order  things that are put in order; empty where nothing is
     */
    private function __construct(public bool $digits, public array $keys, public array $choose = [], public array $order = [])
    {
    }

    public static function for(Sum $sum, AnswerForm $form, Style $style): self
    {
        if ($form instanceof OneOfFour && [] !== $form->choices) {
            return new self(false, [], array_map(static fn (Choice $one): string => $one->text, $form->choices));
        }
        if ($form instanceof TrueOrFalse) {
            return new self(false, [], ['true', 'false']);
        }

        return match ($sum->answered()) {
            Answered::Sign => new self(false, [], ['<', '=', '>']),
            Answered::Order => new self(false, [], [], self::things($sum, Writer::plain($style))),
            Answered::Word => new self(false, [], self::words($sum)),
            Answered::Date => new self(true, array_values(MonthName::NAMES)),
            Answered::Time => self::time($sum, $style),
            Answered::Times => new self(true, [...self::time($sum, $style)->keys, ',']),
            Answered::Length => new self(true, self::units($sum)),
        };
    }

    private static function time(Sum $sum, Style $style): self
    {
        if ($sum instanceof Rewrite && TimeForm::Words === $sum->as) {
            return new self(false, ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty', 'half', 'quarter', 'minutes', 'past', 'to', 'o’clock']);
        }
        $expected = (new RightAnswer())->to($sum);
        $by24 = $expected instanceof GivenTime && $expected->by24;
        $halves = $by24 || ($expected instanceof GivenTime && $expected->isOpen()) ? [] : [$style->halves->of(HalfOfDay::Am), $style->halves->of(HalfOfDay::Pm)];

        return new self(true, [$by24 ? ':' : $style->separator->value, ...$halves]);
    }

    /** @return list<string> */
    private static function words(Sum $sum): array
    {
        $answer = $sum->answer();

        return $answer instanceof WordAnswer && \in_array($answer->word, ['yes', 'no'], true)
            ? ['yes', 'no']
            : array_map(Weekday::name(...), range(1, 7));
    }

    /** @return list<string> the units of the chain that the sum has to do with, the largest first */
    private static function units(Sum $sum): array
    {
        $expected = (new RightAnswer())->to($sum);
        if (!$expected instanceof GivenLength) {
            return [];
        }
        $units = array_map(static fn (AmountPart $part): Unit => $part->unit, $expected->parts);
        foreach ($sum->lengths() as $length) {
            $units = [...$units, ...array_map(static fn (AmountPart $part): Unit => $part->unit, $length->parts)];
        }
        // hours and minutes belong together, whatever the answer
        if ($expected->parts[0]->unit->chain() === Unit::Hour->chain() && [] === array_filter($units, static fn (Unit $u): bool => \in_array($u, [Unit::Day, Unit::Week], true))) {
            $units = [...$units, Unit::Hour, Unit::Minute];
        }
        $keys = [];
        foreach (array_reverse(Unit::cases()) as $unit) {
            if (\in_array($unit, $units, true)) {
                $keys[] = Unit::Tenth === $unit ? '.' : $unit->after(2);
            }
        }

        return $keys;
    }

    /** @return list<string> */
    private static function things(Sum $sum, Writer $writer): array
    {
        $things = match (true) {
            $sum instanceof DateOrder => $sum->dates,
            [] !== $sum->times() => $sum->times(),
            default => $sum->lengths(),
        };

        return array_map(static fn (StatedTime|StatedDate|Amount $one): string => match (true) {
            $one instanceof StatedTime => $writer->time($one),
            $one instanceof StatedDate => $writer->date($one),
            default => $writer->amount($one),
        }, $things);
    }
}
