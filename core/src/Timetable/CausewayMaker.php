<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Questions about the causeway and its tide table: from when and until when it is open, whether one may cross at a time,
 * how long one can stay.
 */
final readonly class CausewayMaker
{
    public const KINDS = ['opens', 'closes', 'may-cross', 'stay'];

    public function __construct(private QuestionMaker $questions)
    {
    }

    public function table(Level $level, int $seed): TideTable
    {
        return TideTable::draw(Level::Support === $level ? 3 : 4, $level->step(), new Dice($seed));
    }

    /**
     * @param ?list<string> $kinds those wanted; null for those of the level
     *
     * @return list<TableQuestion> no two alike; fewer where the tides give no more
     */
    public function make(TideTable $tides, Level $level, int $count, int $seed, ?Writer $writer = null, ?array $kinds = null): array
    {
        $writer ??= Writer::plain();
        $dice = new Dice($seed);
        $kinds = null !== $kinds ? array_values(array_intersect(self::KINDS, $kinds)) : (Level::Support === $level ? ['opens', 'closes', 'may-cross'] : self::KINDS);
        // a window over midnight is for those who are ready for it
        $windows = array_values(array_filter($tides->windows(), static fn (OpenWindow $window): bool => Level::Stretch === $level || intdiv($window->high, TimeOfDay::DAY) === intdiv($window->nextHigh, TimeOfDay::DAY)));
        $made = [];
        for ($try = 0; [] !== $windows && [] !== $kinds && \count($made) < $count && $try < 40 * $count; ++$try) {
            $kind = $kinds[\count($made) % \count($kinds)];
            $question = $this->pose($kind, $tides, new With(at: $this->moment($kind, $dice->pick($windows), $level->step(), $dice)), $writer);
            $made[$question->text] ??= $question;
        }

        return array_values($made);
    }

    /** What is asked about: a high tide, or a time at the causeway. */
    private function moment(string $kind, OpenWindow $window, int $step, Dice $dice): int
    {
        return match ($kind) {
            'opens' => $window->high,
            'closes' => $window->nextHigh,
            'stay' => $dice->number($window->opens + 5, $window->closes - 30, $step),
            default => 0 === $dice->number(0, 1)
                ? $dice->number($window->opens + 5, $window->closes - 5, $step)
                : $dice->pick([$window->opens - $dice->number(5, 60, $step), $window->closes + $dice->number(5, 60, $step)]),
        };
    }

    /**
     * The window that a question is about.
     *
     * @throws NoSuchQuestion where there is none
     */
    private function window(string $kind, TideTable $tides, ?int $at): OpenWindow
    {
        foreach ($tides->windows() as $window) {
            if (match ($kind) {
                'opens' => $window->high === $at,
                'closes' => $window->nextHigh === $at,
                'stay' => null !== $at && $at < $window->closes && $window->isOpenAt($at),
                'may-cross' => $at > $window->high && $at < $window->nextHigh,
                default => throw NoSuchQuestion::noKind($kind),
            }) {
                return $window;
            }
        }

        throw NoSuchQuestion::needs('a time between two of the tides');
    }

    /** @throws NoSuchQuestion where the tides do not answer it */
    public function pose(string $kind, TideTable $tides, With $with, Writer $writer): TableQuestion
    {
        $window = $this->window($kind, $tides, $with->at);
        $at = (int) $with->at;
        $stated = static fn (int $minutes): StatedTime => StatedTime::of(TimeOfDay::ofMinutes($minutes % TimeOfDay::DAY), ClockForm::TwentyFour);
        $time = static fn (int $minutes): string => $writer->time($stated($minutes));
        $length = static fn (int $minutes): string => $writer->amount(Amount::minutes($minutes));
        $day = static fn (int $minutes): string => 'day '.(intdiv($minutes, TimeOfDay::DAY) + 1);
        [$a, $b] = [self::cell($tides, $window->high), self::cell($tides, $window->nextHigh)];
        $opens = Later::of($stated($window->high), Amount::minutes(TideTable::OPENS));
        $closes = Earlier::of($stated($window->nextHigh), Amount::minutes(TideTable::CLOSES));
        $look = new TableStep(\sprintf('Look for the high tides on either side: %s and %s.', $time($window->high), $time($window->nextHigh)), [$a, $b], [$a, $b]);
        $opening = new TableStep(\sprintf('It opens %s after %s: at %s.', $length(TideTable::OPENS), $time($window->high), $time($window->opens)), [$a], [$a]);
        $closing = new TableStep(\sprintf('It closes %s before %s: at %s.', $length(TideTable::CLOSES), $time($window->nextHigh), $time($window->closes)), [$b], [$b]);
        $answerTime = static fn (int $minutes): TableAnswer => new TableAnswer($time($minutes), With::clock($minutes % TimeOfDay::DAY), null, $minutes);
        $answerLength = static fn (int $minutes): TableAnswer => new TableAnswer($length($minutes), (new LengthAnswer(Amount::minutes($minutes)))->value());
        $may = $window->isOpenAt($at);
        $says = match (true) {
            $may => 'yes',
            $at < $window->opens => \sprintf('no, not before %s', $time($window->opens)),
            default => \sprintf('no, only until %s', $time($window->closes)),
        };
        $stay = $window->closes - $at;
        [$text, $answer, $sums, $steps, $wrong] = match ($kind) {
            'opens' => [
                \sprintf('High tide is at %s on %s. From when may you cross?', $time($at), $day($at)),
                $answerTime($window->opens),
                [$opens],
                [$look, $opening],
                [Misreading::NextColumn->value => $answerTime($window->nextHigh + TideTable::OPENS)],
            ],
            'closes' => [
                \sprintf('High tide is at %s on %s. When must you be back from the causeway before it?', $time($at), $day($at)),
                $answerTime($window->closes),
                [$closes],
                [$look, $closing],
                [Misreading::NextColumn->value => $answerTime($window->high - TideTable::CLOSES + (TideTable::CLOSES > $window->high ? TimeOfDay::DAY : 0))],
            ],
            'stay' => [
                \sprintf('You cross at %s on %s. How long is it until the causeway closes?', $time($at), $day($at)),
                $answerLength($stay),
                [$closes, Elapsed::of($stated($at), $stated($window->closes))],
                [$look, $closing, new TableStep(\sprintf('From %s to %s it is %s.', $time($at), $time($window->closes), $length($stay)), [$b], [$b])],
                [Misreading::WrongRow->value => $answerLength($window->nextHigh - $at)],
            ],
            default => [
                \sprintf('You are at the causeway at %s on %s. May you cross?', $time($at), $day($at)),
                new TableAnswer($says, $may ? 'yes' : 'no'),
                [$opens, $closes],
                [$look, $opening, $closing, new TableStep(\sprintf('At %s: %s.', $time($at), $says), [$a, $b], [$a, $b])],
                [Misreading::WrongRow->value => new TableAnswer($may ? 'no' : 'yes', $may ? 'no' : 'yes')],
            ],
        };

        return $this->questions->withMistakes(new TableQuestion($kind, $text, $with, $answer, $sums, $steps, $wrong), $writer);
    }

    private static function cell(TideTable $tides, int $tide): Cell
    {
        $day = intdiv($tide, TimeOfDay::DAY);

        return new Cell($day, (int) array_search($tide % TimeOfDay::DAY, $tides->byDay()[$day] ?? [], true));
    }
}
