<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Method\HourByHourMethod;
use Rostik\Core\Method\Jump;
use Rostik\Core\Method\Jumps;
use Rostik\Core\Method\JumpWhy;
use Rostik\Core\Method\OnTheCalendar;
use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\LengthReader;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\Words;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Picture\LineJump;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Later;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Reads what is no sum, but can stand on the open clock: "3:50 pm", "ten to four", "what time is half past 8", "3:50 pm and
 * 4:20 pm", "2 h 30 min", "3 h later, hour by hour", "back 35 min", "October 2026", "year 2026".
 */
final readonly class ClockSettingReader
{
    /** What may stand before a time and says nothing of it. */
    private const BEFORE = '~^(?:(?:what|which)\s+time\s+is\s+(?:it\s+at\s+)?|what\'?s\s+(?:the\s+time\s+at\s+)?|show(?:\s+me)?\s+|set(?:\s+the)?(?:\s+clock)?(?:\s+to)?\s+|the\s+time\s+(?:is\s+)?|it\s+is\s+|it\'?s\s+|at\s+)~';

    private const BY_HOURS = '~[,;]?\s*(?:hour\s+by\s+hour|in\s+(?:single\s+)?hours|one\s+hour\s+at\s+a\s+time)\s*$~';

    private const ON = '~^(?:(?:go|move|count|jump)\s+)?(?:on|forwards?|ahead|later)(?:\s+by)?\s+|^\+\s*|^(?:add|plus)\s+|\s+(?:later|on|more|forwards?|ahead|after)$~';

    private const BACK = '~^(?:(?:go|move|count|jump)\s+)?(?:back|backwards?|earlier)(?:\s+by)?\s+|^-\s*|^(?:take(?:\s+away)?|minus|subtract)\s+|\s+(?:earlier|back|backwards?|ago|before)$~';

    /** Longer ways the open clock does not go: a day there, a day back. */
    private const LONGEST = 1440;

    /** Between these two parts, and nothing else, stand times that are compared. */
    private const BETWEEN = '~\s*(?:,|;|&|\band\b|\bor\b|\bvs\b)\s*~';

    /** Years that a four-digit number may be meant for. */
    private const YEARS = [1900, 2100];

    public function __construct(private TimeReader $times, private LengthReader $lengths)
    {
    }

    /**
     * @param int $at   where the clock stands now, in minutes since midnight, 0 to 1439
     * @param int $year this year, for a month that is named without one
     *
     * @return ?ClockSetting null where it is none of these
     */
    public function read(string $typed, int $at, int $year, Style $style = new Style()): ?ClockSetting
    {
        $text = trim(DateReader::evened(mb_substr($typed, 0, 120)), ' !,;');
        $text = preg_replace(self::BEFORE, '', $text) ?? $text;
        if ('' === $text) {
            return null;
        }

        return $this->pages($text, $year, $style)
            ?? $this->moved($text, $at, $style)
            ?? $this->stood($text)
            ?? $this->ready($text, $style);
    }

    /** A month, or a year, of the calendar. */
    private function pages(string $text, int $year, Style $style): ?ClockSetting
    {
        $calendar = new OnTheCalendar($style);
        if (1 === preg_match('~^('.DateReader::monthPattern().')(?:\s+(?:of\s+)?(\d{4}))?$~', $text, $m)) {
            $of = isset($m[2]) ? (int) $m[2] : $year;

            return $of < 1 ? null : new ClockSetting(pages: [$calendar->page($of, DateReader::month($m[1]))]);
        }
        if (1 === preg_match('~^(?:the\s+)?year\s+(\d{4})$~', $text, $m) || (1 === preg_match('~^(\d{4})$~', $text, $m) && $this->isYearOnly((int) $m[1]))) {
            return (int) $m[1] < 1 ? null : new ClockSetting(pages: array_map(static fn (int $month) => $calendar->page((int) $m[1], $month), range(1, 12)));
        }

        return null;
    }

    /** Four digits that are no time: 1999, 2075. */
    private function isYearOnly(int $number): bool
    {
        return $number >= self::YEARS[0] && $number <= self::YEARS[1] && $number % 100 > 59;
    }

    /** One time, or two. */
    private function stood(string $text): ?ClockSetting
    {
        $parts = preg_split(self::BETWEEN, $text) ?: [];
        if (\count($parts) > 2) {
            return null;
        }
        $times = [];
        foreach ($parts as $part) {
            $time = $this->time($part);
            if (null === $time) {
                return null;
            }
            $times[] = new ClockSettingTime($time->halfSaid ? $time->minutes : $this->inTheDay($time), $time->halfSaid);
        }
        $isYear = 1 === preg_match('~^\d{4}$~', $text) && (int) $text >= self::YEARS[0] && (int) $text <= self::YEARS[1];

        return new ClockSetting($times, or: $isYear ? 'year '.$text : null);
    }

    /** A time and nothing else; null where it is none, or a number alone. */
    private function time(string $text): ?StatedTime
    {
        $words = Words::of($text);
        $start = 0;
        foreach ($this->times->at($words, $start) as $reading) {
            if ($reading->next === $words->count && !$reading->bare && null === $reading->time->second) {
                return $reading->time;
            }
        }

        return null;
    }

    /** Where a.m. or p.m. was not said: as a child's day has it, from seven in the morning to half past six in the evening. */
    private function inTheDay(StatedTime $open): int
    {
        $am = $open->in(HalfOfDay::Am)->minutes;

        return $am >= 7 * 60 ? $am : $open->in(HalfOfDay::Pm)->minutes;
    }

    /** A length that says which way it goes. */
    private function moved(string $text, int $at, Style $style): ?ClockSetting
    {
        $rest = preg_replace(self::BY_HOURS, '', $text) ?? $text;
        $byHours = $rest !== $text;
        foreach ([[self::ON, 1], [self::BACK, -1]] as [$pattern, $way]) {
            $length = preg_replace($pattern, '', $rest, 1, $found) ?? $rest;
            $amount = 0 === $found ? null : $this->length($length);
            if (null !== $amount) {
                return new ClockSetting(move: $this->move($amount, $way, $at, $byHours, $style));
            }
        }
        // "3 h, hour by hour" goes on
        $amount = $byHours ? $this->length($rest) : null;

        return null === $amount ? null : new ClockSetting(move: $this->move($amount, 1, $at, true, $style));
    }

    /** A length of whole minutes, up to a day, and nothing else. */
    private function length(string $text): ?Amount
    {
        $words = Words::of($text);
        $read = $this->lengths->at($words, 0);

        return null === $read || $read->next !== $words->count || !$read->amount->duration->isWholeMinutes() || $read->amount->duration->minutes() < 1 || $read->amount->duration->minutes() > self::LONGEST ? null : $read->amount;
    }

    private function ready(string $text, Style $style): ?ClockSetting
    {
        $amount = $this->length($text)?->wholeParts();

        return null === $amount ? null : new ClockSetting(length: new ClockSettingLength($amount->duration->minutes(), Writer::plain()->amount($amount), Writer::marked($style)->amount($amount)));
    }

    /** @param 1|-1 $way */
    private function move(Amount $amount, int $way, int $at, bool $byHours, Style $style): ClockSettingMove
    {
        $start = StatedTime::of(TimeOfDay::ofMinutes($at), $style->always24 ? ClockForm::TwentyFour : ClockForm::Twelve);
        $sum = $way > 0 ? Later::of($start, $amount) : Earlier::of($start, $amount);
        $writer = Writer::marked($style);
        $to = $at + $way * $sum->minutes();
        $jumps = Jumps::through($at, $to, 60, 12);

        return new ClockSettingMove(
            $at,
            $to,
            $this->drawn($jumps, $way, $writer),
            $this->drawn($this->byHours($sum, $at, $to, $writer) ?? $jumps, $way, $writer),
            Changed::by($sum, $writer),
            $byHours,
            Writer::plain()->time($start).($way > 0 ? ' + ' : ' - ').Writer::plain()->amount($amount),
        );
    }

    /** @return ?list<Jump> each hour by itself; null where there are no two, or too many to be counted */
    private function byHours(ClockMove $sum, int $at, int $to, Writer $writer): ?array
    {
        if (null === (new HourByHourMethod())->suits($sum, $writer)) {
            return null;
        }
        $way = $to >= $at ? 1 : -1;
        $jumps = [];
        for (; abs($to - $at) >= 60; $at += 60 * $way) {
            $jumps[] = new Jump($at, $at + 60 * $way, JumpWhy::WholeHours);
        }

        return [...$jumps, ...Jumps::through($at, $to, 60)];
    }

    /**
     * @param list<Jump> $jumps
     * @param 1|-1       $way
     *
     * @return list<LineJump>
     */
    private function drawn(array $jumps, int $way, Writer $writer): array
    {
        return array_map(static fn (Jump $jump): LineJump => new LineJump($jump->from, $jump->to, ($way > 0 ? '+ ' : '− ').$writer->minutes($jump->size()), 0 === $jump->size() % 60 ? 'h' : 'm'), $jumps);
    }
}
