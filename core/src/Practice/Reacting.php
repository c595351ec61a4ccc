<?php

declare(strict_types=1);

namespace Rostik\Core\Practice;

use Rostik\Core\Board\HandsCheck;
use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenReader;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Question\AnswerForm;
use Rostik\Core\Question\Form\Hands;
use Rostik\Core\Question\Form\TrueOrFalse;
use Rostik\Core\Question\OwnReading;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockHands;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\HandsDisagree;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Timetable\Found;
use Rostik\Core\Timetable\Misreading;
use Rostik\Core\Timetable\TableQuestion;

/** What is said to a child about its answer: never what it did wrong, but what to look at, or what is missing. */
final readonly class Reacting
{
    public function __construct(private Judge $judge, private MistakeBook $book, private GivenReader $reader)
    {
    }

    /** @param array<string, Given> $predicted what mistakes lead to in this sum */
    public function to(Sum $sum, AnswerForm $form, string $written, array $predicted, Style $style): Reaction
    {
        if ($form instanceof Hands && 1 === preg_match('/^hands (-?\d{1,6}(?:\.\d{1,6})?) (-?\d{1,6}(?:\.\d{1,6})?)(?: (a\.m\.|p\.m\.))?$/D', $written, $set)) {
            return $this->toHands($sum, ClockHands::set((float) $set[1], (float) $set[2]), HalfOfDay::tryFrom($set[3] ?? ''), $predicted, $style);
        }
        $judged = $form instanceof OwnReading ? $form->judge($sum, $written, $this->judge) : $this->judge->judge($sum, $written, $predicted);

        return $this->of($judged, $sum, $form instanceof TrueOrFalse ? $written : null, $style);
    }

    /** What is said about what was read from a timetable. */
    public function toRead(TableQuestion $question, string $written, Style $style): Reaction
    {
        $sum = Found::of($question->answer);
        $judged = $this->judge->judge($sum, $written, []);
        $reaction = $this->of($judged, $sum, null, $style);
        if (Signal::Look !== $reaction->signal) {
            return $reaction;
        }
        foreach ($question->wrong as $id => $wrong) {
            if (null !== $judged->given && true === $this->reader->read(Marked::plain($wrong->text), $sum)?->says($judged->given)) {
                return new Reaction(Signal::Look, $style->signs((Misreading::tryFrom($id) ?? $this->book->mistake($id))->look()), $reaction->read, $id);
            }
        }

        return new Reaction(Signal::Look, 'Read the question once more. Which row is it, and which column?', $reaction->read);
    }

    /** @param array<string, Given> $predicted */
    private function toHands(Sum $sum, ClockHands $hands, ?HalfOfDay $half, array $predicted, Style $style): Reaction
    {
        try {
            $read = $hands->read(HandsCheck::TOLERANCE);
        } catch (HandsDisagree) {
            $read = null;
        }
        $text = null === $read ? '' : Writer::plain(new Style())->time($read).(null === $half ? '' : ' '.$half->value);
        $judged = $this->judge->judge($sum, $text, $predicted);
        if (null !== $read && Verdict::Wrong !== $judged->verdict) {
            return $this->of($judged, $sum, null, $style);
        }
        $expected = $judged->expected;
        $minutes = $expected instanceof GivenTime ? $expected->minutes() : null;
        $say = null === $minutes ? '' : HandsCheck::of(TimeOfDay::ofMinutes($minutes), $hands, $style)->say;

        // what this clock shows says less than what may have led there
        return null === $read || [] === $judged->fits ? new Reaction(Signal::Look, $say, null === $read ? 'hands that do not go together' : Writer::plain($style)->time($read)) : $this->of($judged, $sum, null, $style);
    }

    private function of(Judgement $judged, Sum $sum, ?string $as, Style $style): Reaction
    {
        $signal = Signal::of($judged->verdict);
        $read = $as ?? $judged->given?->shown($style) ?? '';
        $mistake = Signal::Look === $signal ? $judged->fits[0] ?? null : null;
        $say = match ($signal) {
            Signal::Right => '',
            Signal::Ask => $this->missing($judged, $style),
            Signal::Unclear => $this->unclear($sum, $style),
            Signal::Look => null === $mistake ? self::look($sum, $judged) : $style->signs($this->book->mistake($mistake)->look()),
        };

        return new Reaction($signal, $say, $read, $mistake);
    }

    private function missing(Judgement $judged, Style $style): string
    {
        $given = $judged->given;
        $expected = $judged->expected;
        if ($given instanceof GivenTime && $expected instanceof GivenTime) {
            return match (true) {
                null !== $expected->second && null === $given->second => 'Nearly. How many seconds?',
                $given->words !== $expected->words => $expected->words ? 'That is the time. Now say it in words.' : 'That is the time. Now write it in digits.',
                $expected->by24 => 'That is the time. Now write it by the 24-hour clock.',
                $given->by24 => \sprintf('That is the time. Now write it with %s.', Writer::plain($style)->eitherHalf()),
                default => \sprintf('Nearly. Is it %s?', Writer::plain($style)->eitherHalf()),
            };
        }
        if ($given instanceof GivenLength && $expected instanceof GivenLength) {
            $names = array_map(static fn ($part): string => $part->unit->words(), $expected->parts);

            return 'That is as long. Now write it in '.implode(' and ', $names).'.';
        }

        return 'The number is right. What is it: hours, minutes, or something else?';
    }

    /** What one that is read looks like; it is never the answer. */
    private function unclear(Sum $sum, Style $style): string
    {
        $example = match ($sum->answered()) {
            Answered::Time, Answered::Times => GivenTime::of12(8, 20, HalfOfDay::Am)->shown($style),
            Answered::Length => '2 h 10 min',
            Answered::Date => '3 May',
            default => '',
        };

        return '' === $example ? 'That cannot be read yet. Try once more.' : \sprintf('That cannot be read yet. Write it like this: %s.', rtrim($example, '.'));
    }

    /** Where nothing is known of how it came about. */
    private static function look(Sum $sum, Judgement $judged): string
    {
        return match (true) {
            $judged->near => 'Nearly. Count the last part once more.',
            Answered::Sign === $sum->answered() => 'Which is longer, or later? Put both on one line.',
            Answered::Order === $sum->answered() => 'Which comes first of all? Begin with that one.',
            Kind::Earlier === $sum->kind() => 'Where does it begin, and which way does it go? Go back to the hour first.',
            null !== $sum->plain()->way() => 'Where does it begin, and which way does it go? Go on to the next hour first.',
            Kind::Conversion === $sum->kind() => 'How many of the small unit make one of the large one? Begin with that.',
            Answered::Length === $sum->answered() => 'Look at hours and minutes each by itself. How many minutes make an hour?',
            Answered::Date === $sum->answered() => 'Count the days on the page of the month.',
            default => 'Read the question once more, slowly. What is asked?',
        };
    }
}
