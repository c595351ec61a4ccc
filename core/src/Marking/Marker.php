<?php

declare(strict_types=1);

namespace Rostik\Core\Marking;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenReader;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\Judge;
use Rostik\Core\Judging\Judgement;
use Rostik\Core\Judging\Verdict;
use Rostik\Core\Mistake\MistakeBook;
use Rostik\Core\Notation\Marked as MarkedText;
use Rostik\Core\Question\Manner;
use Rostik\Core\Question\OwnReading;
use Rostik\Core\Question\Posing;
use Rostik\Core\Question\Question;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\InSteps;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Timetable\Found;
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableQuestion;

/** Marks answers on papers: by the judging, by the teacher's sign, and by the teacher's word over both. */
final readonly class Marker
{
    public function __construct(private Posing $posing, private MistakeBook $book, private Judge $judge, private GivenReader $reader)
    {
    }

    /** @param int $number of the question on the paper, from 1 */
    public function question(Question $question, Manner $manner, int $number): ToMark
    {
        $posed = $this->posing->pose($question, $manner, $number);
        $plain = $question->sum->plain();

        return new ToMark($posed->asked, null === $posed->answer ? null : $plain, $posed->form, $posed->sentence ?? $posed->answer ?? '', null === $posed->answer ? [] : $this->book->predict($plain, words: $question->wording));
    }

    /** A question about a timetable. */
    public function read(TableQuestion $question): ToMark
    {
        return new ToMark(
            MarkedText::plain($question->text),
            Found::of($question->answer),
            null,
            MarkedText::plain($question->answer->text),
            [],
            array_map(static fn (TableAnswer $wrong): string => MarkedText::plain($wrong->text), $question->wrong),
        );
    }

    /** @param bool $nearlyCounts whether what is right but for a unit or the half of the day counts as right */
    public function mark(ToMark $question, Written $written, bool $nearlyCounts = true): Marked
    {
        if (null !== $written->over) {
            return new Marked($written->over ? Counts::Right : Counts::Wrong, '' === $written->given ? null : $this->judged($question, $written->given));
        }
        if (null !== $written->sign) {
            return new Marked(Counts::from($written->sign->value), null);
        }
        $judged = $this->judged($question, $written->given);
        if (null === $judged) {
            return new Marked(Counts::Unreadable, null);
        }
        $fits = [...$judged->fits, ...(Verdict::Wrong === $judged->verdict ? $this->misread($question, $judged->given) : [])];
        $followed = Verdict::Wrong === $judged->verdict || Verdict::Unreadable === $judged->verdict ? $this->follows($question, $written->given) : null;

        return null !== $followed
            ? new Marked($followed, $judged, [], Counts::Nearly === $followed)
            : new Marked(match ($judged->verdict) {
                Verdict::Right, Verdict::OtherForm => Counts::Right,
                Verdict::Incomplete => $nearlyCounts ? Counts::Right : Counts::Nearly,
                Verdict::Wrong => Counts::Wrong,
                Verdict::Blank => Counts::Blank,
                Verdict::Unreadable => Counts::Unreadable,
            }, $judged, $fits);
    }

    private function judged(ToMark $question, string $given): ?Judgement
    {
        if (null === $question->sum) {
            return null;
        }

        return $question->form instanceof OwnReading
            ? $question->form->judge($question->sum, $given, $this->judge)
            : $this->judge->judge($question->sum, $given, $question->predicted);
    }

    /** @return list<string> the misreadings of a timetable that lead to it */
    private function misread(ToMark $question, ?Given $given): array
    {
        if (null === $given || null === $question->sum) {
            return [];
        }
        $fits = [];
        foreach ($question->misread as $id => $text) {
            $wrong = $this->reader->read($text, $question->sum);
            if (true === $wrong?->says($given)) {
                $fits[] = $id;
            }
        }

        return $fits;
    }

    /**
     * A problem of two steps, typed as "2 h 45; 3 h 25": the second is judged as worked from the child's own first.
     *
     * @return ?Counts null where it is not both, or the second is not right even so
     */
    private function follows(ToMark $question, string $given): ?Counts
    {
        $sum = $question->sum;
        $steps = preg_split('/\s*(?:;|\bthen\b)\s*/u', trim($given)) ?: [];
        if (!$sum instanceof InSteps || \count($steps) !== $sum->steps() || \count($steps) < 2) {
            return null;
        }
        $own = [];
        $right = true;
        foreach ($steps as $i => $step) {
            try {
                $asked = $sum->step($i, ...$own);
                $judged = $this->judge->judge($asked, $step);
            } catch (CannotBeDone|TooLong) {
                return null;
            }
            if ($i === \count($steps) - 1) {
                return match (true) {
                    !$judged->verdict->isRight() => null,
                    $right => Counts::Right,
                    default => Counts::Nearly,
                };
            }
            $right = $right && $judged->verdict->isRight();
            $answer = null === $judged->given ? null : self::answer($judged->given);
            if (null === $answer) {
                return null;
            }
            $own[] = $answer;
        }

        return null;
    }

    private static function answer(Given $given): ?Answer
    {
        return match (true) {
            $given instanceof GivenLength && !$given->overflows() => new LengthAnswer(Amount::of(...$given->parts)),
            $given instanceof GivenTime && null !== $given->minutes() => new TimeAnswer(match (true) {
                $given->by24 => StatedTime::of(TimeOfDay::ofMinutes($given->minutes()), ClockForm::TwentyFour),
                null === $given->half => StatedTime::open($given->hour, $given->minute),
                default => StatedTime::of(TimeOfDay::ofMinutes($given->minutes())),
            }),
            default => null,
        };
    }
}
