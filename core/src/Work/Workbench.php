<?php

declare(strict_types=1);

namespace Rostik\Core\Work;

use Rostik\Core\Method\Chosen;
use Rostik\Core\Method\MethodBook;
use Rostik\Core\Method\OnTheLine;
use Rostik\Core\Method\Working;
use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Note;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\DayPin;
use Rostik\Core\Picture\DaySpan;
use Rostik\Core\Picture\DayStrip;
use Rostik\Core\Picture\PinRole;
use Rostik\Core\Problem\FiveLines;
use Rostik\Core\Problem\SettingOut;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\Crossing;
use Rostik\Core\Sum\DatesApart;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LeftOpen;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Missing;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\RangeAnswer;
use Rostik\Core\Sum\Reading;
use Rostik\Core\Sum\Rewrite;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimesAnswer;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** Takes a sum's text and gives it back worked: its answer, every method step by step, what changed, what to note. */
final readonly class Workbench
{
    private Writer $kept;

    public function __construct(
        private SumReader $reader,
        private Understanding $understanding,
        private Forms $forms,
        private MethodBook $methods,
        private Ladder $ladder,
        private Claims $claims,
        private Answering $answering,
        private SettingOut $settingOut,
        private Telling $telling,
    ) {
        $this->kept = Writer::plain();
    }

    /**
     * @param string                $typed one sum, in any of the usual forms, or a problem in words
     * @param Style                 $style of the class for which it is worked
     * @param array<string, string> $own   ids of the class's own methods, by kind of sum
     *
     * @throws NotUnderstood when it cannot be read, or has no answer
     */
    public function work(string $typed, Style $style = new Style(), array $own = []): WorkedSum
    {
        return $this->workRead($this->understanding->of($typed), $typed, $style, $own);
    }

    /**
     * The same for a line that has been read already.
     *
     * @param array<string, string> $own
     *
     * @throws NotUnderstood when it has no answer
     */
    public function workRead(Understood $understood, string $typed, Style $style = new Style(), array $own = []): WorkedSum
    {
        $read = $understood->read;
        $plain = Writer::plain($style);
        $marked = Writer::marked($style);
        $kept = $this->forms->write($read->sum, $this->kept);
        $sum = $style->states($read->sum);
        $readings = $sum->readings();
        $open = $this->open($sum->leavesOpen(), $plain);
        $notes = $read->notes;
        if (null !== $open) {
            $notes[] = $open;

            return new WorkedSum(
                $kept,
                $this->forms->write($sum, $marked),
                null,
                $sum->kind(),
                null,
                array_map(fn (Reading $reading): WorkedReading => $this->reading($reading, $plain, $marked), $readings),
                [],
                $sum->regroups(),
                LeftOpen::HalfOfTheDay === $sum->leavesOpen(),
                null,
                null,
                [],
                $this->strip($sum, $marked),
                $this->ladder->exercisedBy($sum),
                $notes,
                $open,
            );
        }
        try {
            $answer = $sum->answer();
        } catch (CannotBeDone $cannot) {
            throw $this->reader->refused($cannot, $typed, $sum);
        }
        $chosen = $this->methods->choose($sum, $marked);
        $told = $understood->told;
        $setOut = null === $told ? null : $this->settingOut->read($sum, $told, $marked);
        $lines = null === $setOut ? null : new FiveLines($setOut, $this->methods, $this->forms, $own);
        $methods = array_map(fn (Chosen $c): WorkedMethod => $this->method($c->work($marked), $plain), $chosen);
        $recommended = isset($chosen[0]) ? new Recommended($chosen[0]->method->id(), $chosen[0]->suit->because) : null;

        return new WorkedSum(
            $kept,
            $this->forms->write($sum, $marked),
            $this->forms->solved($sum, $answer, $marked),
            $sum->kind(),
            $this->answering->by($answer, $plain, $marked),
            [],
            Crossing::of($sum),
            $sum->regroups(),
            !$answer instanceof RangeAnswer && !($sum instanceof Conversion && !$sum->isExact()),
            $sum instanceof ClockMove ? Changed::by($sum, $marked) : null,
            null === $lines ? $recommended : new Recommended($lines->id(), $lines->suits($sum, $marked)->because ?? ''),
            null === $lines ? $methods : [$this->method($lines->work($sum, $marked), $plain), ...$methods],
            $this->strip($sum, $marked),
            $this->ladder->exercisedBy($sum),
            [...$notes, ...$this->notes($sum, $answer, $plain)],
            null,
            '' === $read->claimed ? null : $this->claims->judge($sum, $read->claimed, $plain->answer($answer)),
            null === $told ? null : $this->telling->of($told, $style),
            $setOut,
        );
    }

    /**
     * The sum and its answer alone, without any working.
     *
     * @throws NotUnderstood when it cannot be read, or has no answer
     */
    public function answer(string $typed, Style $style = new Style()): AnsweredSum
    {
        $plain = Writer::plain($style);
        $marked = Writer::marked($style);
        $read = $this->reader->read($typed)->sum;
        $sum = $style->states($read);
        $open = $sum->leavesOpen();
        try {
            $answer = null !== $open ? null : $this->answering->by($sum->answer(), $plain, $marked);
        } catch (CannotBeDone $cannot) {
            throw $this->reader->refused($cannot, $typed, $sum);
        }

        return new AnsweredSum($this->forms->write($read, $this->kept), $this->forms->write($sum, $marked), $answer, $this->open($open, $plain));
    }

    /** Why a sum of several readings has no one answer; null where it has one. */
    private function open(?LeftOpen $open, Writer $plain): ?Note
    {
        return null === $open ? null : new Note($open->value, $this->forms->phrase($open->says(), $plain));
    }

    private function reading(Reading $reading, Writer $plain, Writer $marked): WorkedReading
    {
        return new WorkedReading($this->forms->phrase($reading->assumes, $plain), $this->forms->write($reading->sum, $this->kept), $this->forms->write($reading->sum, $marked), $this->answering->by($reading->sum->answer(), $plain, $marked));
    }

    private function method(Working $working, Writer $plain): WorkedMethod
    {
        return new WorkedMethod(
            $working->method->id(),
            $working->method->title(),
            $working->steps,
            $plain->answer($working->answer),
        );
    }

    /** @return list<Note> */
    private function notes(Sum $sum, Answer $answer, Writer $plainly): array
    {
        $notes = [];
        $plain = $sum->plain();
        if ($plain instanceof Elapsed && $plain->overMidnight()) {
            $notes[] = new Note('over-midnight', $this->overMidnight($plain, $sum, $plainly));
        }
        if ($sum instanceof DatesApart) {
            $days = $sum->days();
            $notes[] = new Note('ends-counted', $sum->bothEnds
                ? \sprintf('Both ends are counted. From the one to the other it is %s.', $plainly->answer(new LengthAnswer($sum->given($days))))
                : \sprintf('The first day is not counted: it is %d %s. With both ends counted it would be %s.', $days, 1 === $days ? 'night' : 'nights', $plainly->answer(new LengthAnswer($sum->given($days + 1)))));
        }
        if ($sum instanceof ClockMove && OnTheLine::LONGEST * 60 < $sum->minutes()) {
            $notes[] = new Note('too-far-for-a-picture', \sprintf('That is too far for a picture: the line would be %d days long.', intdiv($sum->minutes(), TimeOfDay::DAY)));
        }
        if ($sum instanceof Order && [] !== array_filter($sum->times, static fn (StatedTime $t): bool => $t->halfSaid && 0 === $t->minutes)) {
            $notes[] = new Note('midnight-first', 'Midnight is taken as the beginning of the day, so it is the earliest.');
        }
        if ($answer instanceof TimeAnswer && 0 !== $answer->dayOffset) {
            $days = abs($answer->dayOffset);
            $notes[] = new Note('over-midnight', \sprintf(
                'This goes over midnight: the answer is %s.',
                $answer->dayOffset > 0
                    ? (1 === $days ? 'on the next day' : $days.' days later')
                    : (1 === $days ? 'on the day before' : $days.' days earlier'),
            ));
        }
        if ($answer instanceof RangeAnswer) {
            $notes[] = new Note('not-exact', 'There is no one answer. '.$answer->because);
        }
        if ($sum instanceof Conversion && $sum->about && !$sum->isExact()) {
            $notes[] = new Note('about', 'A round number; there is no exact one.');
        } elseif ($sum instanceof Conversion && !$sum->comesOut()) {
            $notes[] = new Note('does-not-come-out', \sprintf('It does not come out in whole %s.', $sum->units[\count($sum->units) - 1]->words()));
        }
        if ($sum->sameHalfTaken()) {
            $notes[] = new Note('half-not-said', 'It is not said whether '.$plainly->eitherHalf().' is meant; all are taken to be in the same half of the day.');
        }
        if (($answer instanceof TimeAnswer && !$answer->time->halfSaid) || ($answer instanceof TimesAnswer && !$sum->sameHalfTaken() && !($answer->times[0] ?? null)?->halfSaid)) {
            $notes[] = new Note('half-not-said', 'It is not said whether '.$plainly->eitherHalf().' is meant; the answer holds for both.');
        }

        return $notes;
    }

    private function overMidnight(Elapsed $plain, Sum $asked, Writer $plainly): string
    {
        if ($plain->start->equals($plain->end)) {
            return $plain === $asked
                ? 'The same time on the next day: a whole day.'
                : 'The same time: it may be a whole day, as here, or nothing at all.';
        }

        return $plain === $asked || ($asked instanceof Missing && $asked->direction > 0)
            ? 'This goes over midnight: the end is on the next day.'
            : \sprintf('This goes over midnight: %s is on the day before.', $plainly->time($plain->start));
    }

    /** Its times pinned on the day, and the way along the clock as a span. */
    private function strip(Sum $sum, Writer $marked): DayStrip
    {
        $plain = $sum->plain();
        $way = $plain->way();
        if (null === $way) {
            $pins = [];
            // a time that is to be written in the other form stands as it is
            $marked = $plain instanceof Rewrite ? $marked->eachInItsForm() : $marked;
            foreach ([] === $plain->readings() || $plain instanceof Order ? $plain->times() : [] as $i => $time) {
                if ($time->halfSaid) {
                    $pins[] = new DayPin($time->minutes, $marked->time($time), PinRole::Time);
                }
            }

            return new DayStrip($pins, []);
        }

        return !$way->halfSaid() ? new DayStrip([], []) : new DayStrip(
            [
                new DayPin($way->start->minutes, $marked->time($way->start), PinRole::Start),
                new DayPin($way->end->minutes, $marked->time($way->end), PinRole::End),
            ],
            $this->spans($way->low(), $way->high()),
        );
    }

    /** @return list<DaySpan> the stretch cut at midnight and laid on one day */
    private function spans(int $from, int $to): array
    {
        $day = TimeOfDay::DAY;
        if ($to - $from >= $day) {
            return [new DaySpan(0, $day)];
        }
        $start = (($from % $day) + $day) % $day;
        $end = $start + $to - $from;
        if ($end <= $day) {
            return $end > $start ? [new DaySpan($start, $end)] : [];
        }

        return [new DaySpan($start, $day), new DaySpan(0, $end - $day)];
    }
}
