<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\Asking;
use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Form\InTable;
use Rostik\Core\Question\Form\OneOfFour;
use Rostik\Core\Question\Form\TrueOrFalse;
use Rostik\Core\Question\Form\Written;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\PosedQuestion;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\DateOrder;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeForm;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;
use Rostik\Core\Timetable\Found;
use Rostik\Core\Timetable\TableQuestion;

/** Puts a question to a child: what is asked, with which keys it is answered, what helps, and what is said to which answer. */
final readonly class Offering
{
    public function __construct(private Posing $posing, private Asking $asking, private MistakeBook $book, private RightAnswer $right, private Reacting $reacting, private MethodBook $methods)
    {
    }

    /**
     * @param int $number of the question; the same number gives the same choices
     *
     * @throws NoOffer
     */
    public function of(Question $question, Manner $manner, int $number): Offer
    {
        $posed = $this->posing->pose($question, $manner, $number);
        $sum = $this->asking->in($manner->style)->given($question->sum, $question->times ?? $manner->times);
        $expected = null === $posed->answer ? null : $this->right->to($sum->plain());
        if (null === $expected) {
            throw NoOffer::ofNoAnswer($posed->asked, $posed->problem ?? '');
        }
        $style = $manner->style;
        $marked = Writer::marked($style);
        $working = $posed->working ?? ($this->methods->choose($sum, $marked)[0] ?? null)?->work($marked);
        $predicted = $this->book->predict($sum->plain(), words: $question->wording);

        [$asked, $task] = $this->asked($question, $sum, $posed, $style);

        return new Offer(
            $asked,
            $task,
            $posed->clocks,
            $posed->roman,
            $posed->form,
            Pad::for($sum, $posed->form, $style),
            $working->steps ?? [],
            $marked->answer($sum->answer()),
            $this->usual($sum, $posed, $expected, $predicted, $style),
        );
    }

    /** A question about a timetable. */
    public function ofTable(TableQuestion $question, Style $style): Offer
    {
        $sum = Found::of($question->answer);
        $usual = [];
        foreach ([$question->answer, ...array_values($question->wrong)] as $answer) {
            $text = Marked::plain($answer->text);
            $usual[$text] = new Usual($text, $this->reacting->toRead($question, $text, $style));
        }

        return new Offer($question->text, '', [], false, new Written(), Pad::for($sum, new Written(), $style), [], $question->answer->text, array_values($usual), $question->steps);
    }

    /** What is said about an answer to it. */
    public function reactToTable(TableQuestion $question, string $written, Style $style): Reaction
    {
        return $this->reacting->toRead($question, $written, $style);
    }

    /**
     * What is said about an answer.
     *
     * @throws NoOffer
     */
    public function react(Question $question, Manner $manner, int $number, string $written): Reaction
    {
        $posed = $this->posing->pose($question, $manner, $number);
        if (null === $posed->answer) {
            throw NoOffer::ofNoAnswer($posed->asked, $posed->problem ?? '');
        }
        $sum = $this->asking->in($manner->style)->given($question->sum, $question->times ?? $manner->times);

        return $this->reacting->to($sum->plain(), $posed->form, $written, $this->book->predict($sum->plain(), words: $question->wording), $manner->style);
    }

    /**
     * What is asked, and what is to be found. On paper one sentence says both; here the keys say how it is answered.
     *
     * @return array{string, string}
     */
    private function asked(Question $question, Sum $sum, PosedQuestion $posed, Style $style): array
    {
        $marked = Writer::marked($style);
        $asked = $this->coloured(str_replace([' Write <, > or =.', 'Draw the hands'], ['', 'Set the hands'], $posed->asked), $sum, $style);
        if ('' !== $question->wording) {
            return [$asked, ''];
        }

        return match (true) {
            $posed->form instanceof InTable => ['What belongs into the gap?', ''],
            $sum instanceof Order => ['Put them in order.', match (true) {
                [] === $sum->times => $sum->descends ? 'The longest comes first.' : 'The shortest comes first.',
                default => $sum->descends ? 'The latest comes first.' : 'The earliest comes first.',
            }],
            $sum instanceof DateOrder => ['Put them in order.', 'The earliest comes first.'],
            $sum instanceof Rewrite && !$posed->form->drawsTheTime() && [] === $posed->clocks && !$posed->form instanceof TrueOrFalse => [$marked->eachInItsForm()->time($sum->time), match ($sum->as) {
                TimeForm::Words => 'Say it in words.',
                TimeForm::TwentyFour => 'Write it by the 24-hour clock.',
                TimeForm::Twelve => \sprintf('Write it with %s.', Writer::plain($style)->eitherHalf()),
                default => 'Write it in digits.',
            }],
            default => [$asked, str_contains($asked, '?') ? '' : self::task($sum, $posed->form)],
        };
    }

    /** What is to be found. */
    private static function task(Sum $sum, AnswerForm $form): string
    {
        return match (true) {
            $form instanceof TrueOrFalse => 'Is that true?',
            $form instanceof Hands => $form->said ? '' : 'Set the hands.',
            default => match ($sum->kind()) {
                Kind::Later => 'What time is it then?',
                Kind::Earlier => 'What time was it then?',
                Kind::Elapsed, Kind::DatesApart => 'How long is it?',
                Kind::DateLater, Kind::DateEarlier => 'Which day is it?',
                Kind::Total, Kind::Difference, Kind::Product, Kind::Share, Kind::Chain => Answered::Length === $sum->answered() ? 'How long is that?' : 'What time is it then?',
                Kind::Series => 'What times are they?',
                Kind::Missing => 'What is missing?',
                Kind::Conversion => 'Write it in the other units.',
                Kind::Comparison => 'Which sign belongs there?',
                Kind::Order, Kind::Rewrite, Kind::Calendar => '',
            },
        };
    }

    /** The times and lengths in it in their colours. */
    private function coloured(string $asked, Sum $sum, Style $style): string
    {
        $plain = Writer::plain($style);
        $marked = Writer::marked($style);
        $signs = [];
        foreach ($sum->times() as $time) {
            $signs[$plain->time($time)] = $marked->time($time);
        }
        foreach ($sum->lengths() as $length) {
            $signs[$plain->amount($length)] = $marked->amount($length);
        }

        // the longest first: 1:20 is no part of 11:20, and 25 min none of 25 minutes
        uksort($signs, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));
        if ([] !== $signs) {
            $asked = (string) preg_replace_callback('/(?<![\w:.])(?:'.implode('|', array_map(static fn (int|string $one): string => preg_quote((string) $one, '/'), array_keys($signs))).')(?![\w:])/u', static fn (array $found): string => $signs[$found[0]] ?? $found[0], $asked);
        }

        return (string) preg_replace(['/(?<![\w:{.])(\d+ minutes?)(?!\w)/u', '/(?<![\w:{.])(\d+ hours?)(?!\w)/u'], ['{m:$1}', '{h:$1}'], $asked);
    }

    /**
     * The right answer, the half right ones, and those that mistakes lead to.
     *
     * @param array<string, Given> $predicted
     *
     * @return list<Usual>
     */
    private function usual(Sum $sum, PosedQuestion $posed, Given $expected, array $predicted, Style $style): array
    {
        $react = fn (string $written): Reaction => $this->reacting->to($sum->plain(), $posed->form, $written, $predicted, $style);
        if ($posed->form instanceof Hands) {
            return $this->onHands($posed->form, [$expected, ...array_values($predicted)], $react);
        }
        $texts = match (true) {
            $posed->form instanceof OneOfFour => array_map(static fn (int $i): string => \chr(\ord('a') + $i), array_keys($posed->form->choices)),
            $posed->form instanceof TrueOrFalse => ['true', 'false'],
            Answered::Sign === $sum->answered() => ['<', '=', '>'],
            default => [$expected->shown($style), ...self::halfRight($expected, $style), ...array_map(static fn (Given $one): string => $one->shown($style), array_values($predicted))],
        };
        $usual = [];
        foreach (array_unique($texts) as $text) {
            $usual[] = new Usual($text, $react($text));
        }

        return $usual;
    }

    /** @return list<string> right as far as they go */
    private static function halfRight(Given $expected, Style $style): array
    {
        if ($expected instanceof GivenTime && !$expected->words && null === $expected->second) {
            return $expected->by24 ? [] : [GivenTime::of12($expected->hour, $expected->minute, null)->shown($style)];
        }
        $count = $expected instanceof GivenLength && \count($expected->parts) > 1 ? $expected->count() : null;
        $smallest = $expected instanceof GivenLength ? $expected->parts[\count($expected->parts) - 1]->unit : Unit::Minute;

        return null === $count || Unit::Tenth === $smallest || 0 !== $count % $smallest->size() ? [] : [intdiv($count, $smallest->size()).' '.$smallest->after(intdiv($count, $smallest->size()))];
    }

    /**
     * @param list<Given>                $all
     * @param \Closure(string): Reaction $react
     *
     * @return list<Usual>
     */
    private function onHands(Hands $form, array $all, \Closure $react): array
    {
        $usual = [];
        foreach ($all as $given) {
            $minutes = $given instanceof GivenTime ? $given->minutes() : null;
            if (null === $minutes) {
                continue;
            }
            $hands = ClockHands::at(TimeOfDay::ofMinutes($minutes % 720));
            foreach ('' === $form->half ? [null] : [null, HalfOfDay::Am, HalfOfDay::Pm] as $half) {
                $text = rtrim(\sprintf('hands %s %s %s', $hands->hour, $hands->minute, $half->value ?? ''));
                $usual[$text] = new Usual($text, $react($text), [$hands->hour, $hands->minute]);
            }
        }

        return array_values($usual);
    }
}
