<?php

declare(strict_types=1);

namespace Rostik\Core\Judging;

use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\Evened;
use Rostik\Core\Notation\LengthReader;
use Rostik\Core\Notation\TimeReader;
use Rostik\Core\Notation\TimeReading;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UnitWords;
use Rostik\Core\Sum\Answered;
use Rostik\Core\Sum\Conversion;
use Rostik\Core\Sum\DateOrder;
use Rostik\Core\Sum\Grouping;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\AmountPart;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TooLong;
use Rostik\Core\Time\Unit;
use Rostik\Core\Time\Weekday;

/**
 * Reads what a child wrote as an answer, the way a teacher types it from the paper: 7h15, 7 15, 7:15, 6h 85, 6.85,
 * 4:80 pm, 13:50 pm, twenty past 5. What is crossed out stands between ~~ and is passed over. An answer that no clock
 * shows is read as it was written.
 */
final readonly class GivenReader
{
    /** What counts as nothing written. */
    private const BLANK = '~^[\s?._…/\x{2013}\x{2014}-]*$|^x$|^(?:idk|dk|dunno|i ?do?n.?t know|don.?t know|no idea|pass|skip)\W*$~iu';

    private const HALF = '(?:\s*([ap])\.?\s?m\.?)?';

    public function __construct(
        private TimeReader $times = new TimeReader(),
        private LengthReader $lengths = new LengthReader(),
    ) {
    }

    /** Whether nothing is written, or nothing that was left to stand. */
    public function isBlank(string $written): bool
    {
        // what is no text at all is not nothing
        return mb_check_encoding($written, 'UTF-8') && 1 === preg_match(self::BLANK, trim($this->left($written)));
    }

    /** @return ?Given null where it cannot be read, or is blank */
    public function read(string $written, Sum $sum): ?Given
    {
        return $this->readings($written, $sum)[0] ?? null;
    }

    /**
     * Every way in which it can be read, the plainest first: 6.25 h is six hours and a quarter, or 6 h 25 min in the words of
     * somebody who writes the point for the hour; 625 is a number, or 6 and 25.
     *
     * @return list<Given> none where it cannot be read, or is blank
     */
    public function readings(string $written, Sum $sum): array
    {
        $plain = $sum->plain();
        $left = preg_replace('~→|⇒|➔|➜|⟶|[-=]>~u', Answered::Order === $plain->answered() ? ' then ' : ' = ', $this->left($written)) ?? '';
        $text = trim($this->evened($left));
        if (1 === preg_match(self::BLANK, $text) || mb_strlen($text, 'UTF-8') > 400) {
            return [];
        }
        $given = $this->one($text, $plain);
        $bare = $text;
        $less = null === $given ? Garb::off($text) : [];
        foreach ($less as $bare) {
            $given = $this->one($bare, $plain);
            if (null !== $given) {
                break;
            }
        }
        $given ??= $this->another($less[\count($less) - 1] ?? $text, $plain);

        if ($given instanceof GivenOrder && 1 === preg_match('~^\d(?:[\s,;./-]*\d)+$~', $bare)) {
            // 4 1 3 2 under four things: the order of the things, or the rank of each
            $ranks = $given->asRanks();

            return $ranks->says($given) ? [$given] : [$given, $ranks];
        }

        return null === $given ? [] : [$given, ...(Answered::Length === $plain->answered() && !$plain instanceof Conversion ? self::otherwise($bare) : [])];
    }

    private function one(string $text, Sum $sum): ?Given
    {
        try {
            return match ($sum->answered()) {
                Answered::Sign => $this->sign($text, $sum),
                Answered::Order => $this->order($text, $sum),
                Answered::Time => $this->time($text),
                Answered::Times => $this->times($text),
                Answered::Length => $this->length($sum instanceof Grouping ? preg_replace('~^(\d+(?:[.,]\d+)?)\s*(?:times|x|×|lots|goes)$~iu', '$1', $text) ?? $text : $text),
                Answered::Date => $this->date($text),
                Answered::Word => $this->word($text),
            };
        } catch (TooLong) {
            return null;
        }
    }

    /** A time where it is asked how long, a length where it is asked when: read, and wrong. */
    private function another(string $text, Sum $sum): ?Given
    {
        try {
            return match (true) {
                Answered::Length === $sum->answered() && 1 === preg_match('~[ap]\.?m\.?$|clock~i', $text) => $this->time($text),
                Answered::Time === $sum->answered() => $this->length($text),
                default => null,
            };
        } catch (TooLong) {
            return null;
        }
    }

    /**
     * Two numbers where one stands: 6.85 h, 685.
     *
     * @return list<GivenNumbers>
     */
    private static function otherwise(string $text): array
    {
        return 1 === preg_match('~^(\d{1,2})[.,](\d{2})\s*(?:h|hrs?|hours?)\.?$~i', $text, $m) || 1 === preg_match('~^(\d{1,2})(0[1-9]|[1-9]\d)$~', $text, $m)
            ? [new GivenNumbers([(int) $m[1], (int) $m[2]], $text)]
            : [];
    }

    private function left(string $written): string
    {
        return preg_replace('/~~.*?~~/su', ' ', mb_check_encoding($written, 'UTF-8') ? $written : mb_scrub($written, 'UTF-8')) ?? $written;
    }

    /** Digits of any script, full-width signs and the like as the readers know them. */
    private function evened(string $text): string
    {
        return 1 === preg_match('/[^\x20-\x7e]/', $text) ? Evened::answer($text) : $text;
    }

    /** The sign, the word for it, or the whole statement, whichever way round it is made: 70 h < 3 days. */
    private function sign(string $text, Sum $sum): ?GivenSign
    {
        $even = mb_strtolower(trim($text, " .!\t"), 'UTF-8');
        $sign = self::signOf($even);
        if (null !== $sign) {
            return new GivenSign($sign);
        }
        if (1 !== preg_match('~^(.*?)\s*(<|>|=|\bis\b|\bare\b)\s*(.*)$~u', $even, $m)) {
            return null;
        }
        $sign = \in_array($m[2], ['<', '>', '='], true) ? $m[2] : self::signOf(trim(preg_replace('~\b(?:the|than|as|much|a|bit|lot)\b.*$~u', '', $m[3]) ?? ''));
        $sign ??= 1 === preg_match('~^the same~', $m[3]) ? '=' : null;
        if (null === $sign) {
            return null;
        }
        $things = self::things($sum);
        $second = $this->same($m[1], $things[1] ?? null);
        if (!$second && !$this->same($m[1], $things[0] ?? null)) {
            return null;
        }

        return new GivenSign(match (true) {
            !$second, '=' === $sign => $sign,
            '<' === $sign => '>',
            default => '<',
        });
    }

    /** @return '<'|'>'|'='|null */
    private static function signOf(string $word): ?string
    {
        return match ($word) {
            '<', 'less', 'less than', 'shorter', 'shorter than', 'is less than', 'is shorter', 'is shorter than', 'smaller', 'smaller than', 'is smaller', 'fewer', 'earlier', 'earlier than', 'before', 'sooner', 'under' => '<',
            '>', 'more', 'more than', 'longer', 'longer than', 'is longer', 'is longer than', 'bigger', 'bigger than', 'is bigger', 'larger', 'larger than', 'greater', 'greater than', 'is greater than', 'is more than', 'later', 'later than', 'after', 'over' => '>',
            '=', '==', 'equal', 'equal to', 'is equal', 'same', 'the same', 'the same as', 'the same time', 'same time', 'exactly', 'equals', 'as long as', 'even' => '=',
            default => null,
        };
    }

    /** Whether what is written is that thing. */
    private function same(string $written, StatedTime|StatedDate|Amount|null $thing): bool
    {
        try {
            return match (true) {
                $thing instanceof StatedTime => ($given = $this->time($written)) instanceof GivenTime && GivenTime::stated($thing)->says($given),
                $thing instanceof Amount => ($given = $this->length($written)) instanceof GivenLength && $given->isOtherFormOf(GivenLength::amount($thing)),
                default => false,
            };
        } catch (TooLong) {
            return false;
        }
    }

    private function time(string $text): ?Given
    {
        $lower = mb_strtolower($text, 'UTF-8');
        if (1 === preg_match('~^(\d{1,2})[:.](\d{1,2})[:.](\d{1,3})'.self::HALF.'$~', $lower, $m)) {
            $minutes = $this->time($m[1].':'.str_pad($m[2], 2, '0', \STR_PAD_LEFT).('' === ($m[4] ?? '') ? '' : ' '.$m[4].'m'));

            return $minutes instanceof GivenTime ? $minutes->withSecond((int) $m[3]) : null;
        }
        // digits first: what was written, whether a clock shows it or not
        if (1 === preg_match('~^(\d{1,2})\s*(?:[:.,h]\s*|\s)(\d{1,3})(?:\s*m(?:in(?:ute)?s?)?)?'.self::HALF.'(?:\s*h(?:ou)?rs?)?$~', $lower, $m)
            || 1 === preg_match('~^(\d{1,2})(\d\d)'.self::HALF.'$~', $lower, $m)
            || 1 === preg_match('~^(\d{1,2})()'.self::HALF.'$~u', $lower, $m)) {
            $half = match ($m[3] ?? '') {
                'a' => HalfOfDay::Am,
                'p' => HalfOfDay::Pm,
                default => null,
            };
            $hour = (int) $m[1];
            // 0:15 a.m. is how some write 12:15 a.m.
            $hour = 0 === $hour && HalfOfDay::Am === $half ? 12 : $hour;
            $by24 = null === $half && (0 === $hour || $hour > 12 || ('0' === $m[1][0] && 2 === \strlen($m[1])));

            return $by24 ? GivenTime::of24($hour, (int) $m[2]) : GivenTime::of12($hour, (int) $m[2], $half);
        }
        $line = new TypedLine(preg_replace('~\bo.?\s?clock\b~iu', "o'clock", $text) ?? $text, $this->times, $this->lengths);
        $readings = array_values(array_filter($line->times(0), static fn (TimeReading $r): bool => $line->endsAt($r->next)));

        if ([] === $readings && 1 === preg_match('~^((?:\d{1,2}|[a-z]+(?:[ -][a-z]+)?)) (to|past) ~i', $text, $m) && !str_contains($lower, 'minute')) {
            // 23 to 9
            return $this->time($m[1].' minutes '.substr($text, \strlen($m[1]) + 1));
        }

        return isset($readings[0]) ? GivenTime::stated($readings[0]->time, 1 === preg_match('/past|to|after|clock|noon|night|midday/', $lower)) : null;
    }

    /** A date, its month before or after its day, perhaps without its year; whatever the day. */
    private function date(string $text): ?GivenDate
    {
        $even = DateReader::evened($text);
        $weekday = null;
        if (1 === preg_match('/^([a-z]{3,9})\.?,?\s+(.+)$/', $even, $m) && null !== Weekday::read($m[1])) {
            $weekday = Weekday::read($m[1]);
            $even = $m[2];
        }
        $month = DateReader::monthPattern();
        if (1 === preg_match('/^(?:the )?(\d{1,2})(?:st|nd|rd|th|\.)?(?: of)? ?('.$month.'),?(?: (\d{4}))?$/', $even, $m)) {
            return new GivenDate((int) $m[1], DateReader::month($m[2]), isset($m[3]) ? (int) $m[3] : null, $weekday);
        }
        if (1 === preg_match('/^('.$month.') ?(?:the )?(\d{1,2})(?:st|nd|rd|th)?(?:,? (\d{4}))?$/', $even, $m)) {
            return new GivenDate((int) $m[2], DateReader::month($m[1]), isset($m[3]) ? (int) $m[3] : null, $weekday);
        }
        if (1 === preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $even, $m)) {
            return new GivenDate((int) $m[3], (int) $m[2], (int) $m[1], $weekday);
        }
        if (1 === preg_match('/^(\d{1,2})[\/.-](\d{1,2})(?:[\/.-](\d{4}))?$/', $even, $m)) {
            // a month that there is not is the day
            [$day, $month] = (int) $m[2] > 12 ? [(int) $m[2], (int) $m[1]] : [(int) $m[1], (int) $m[2]];

            return $month < 1 || $month > 12 ? null : new GivenDate($day, $month, isset($m[3]) ? (int) $m[3] : null, $weekday);
        }

        return null;
    }

    /** A day of the week in any of its shorter forms, yes or no. */
    private function word(string $text): ?GivenWord
    {
        $word = mb_strtolower(trim($text, " .!\t"), 'UTF-8');
        $day = 1 === preg_match('/^[a-z]+$/', $word) ? Weekday::read($word) : null;

        return match (true) {
            null !== $day => new GivenWord(Weekday::name($day)),
            \in_array($word, ['yes', 'y', 'yes it is', 'leap year', 'a leap year', 'true'], true) => new GivenWord('yes'),
            \in_array($word, ['no', 'n', 'no it is not', "no it isn't", 'no leap year', 'not a leap year', 'false'], true) => new GivenWord('no'),
            default => null,
        };
    }

    /** Several times with commas, semicolons or "and" between them. */
    private function times(string $text): ?GivenTimes
    {
        $times = [];
        foreach (preg_split('~\s*(?:,|;|→|->|\band\b|\bthen\b)\s*~u', trim($text), -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $piece) {
            // the day that the answer says, too
            $time = $this->time(preg_replace('~\s*\(?(?:(?:the )?next day|\d+ days? later)\)?$~i', '', $piece) ?? $piece);
            if (!$time instanceof GivenTime) {
                return null;
            }
            $times[] = $time;
        }

        return [] === $times ? null : new GivenTimes($times);
    }

    private function length(string $text): ?Given
    {
        $lower = mb_strtolower($text, 'UTF-8');
        if (1 === preg_match('~^\d{1,6}$~', $lower)) {
            return new GivenNumbers([(int) $lower], $text);
        }
        if (1 === preg_match('~^(\d{1,5})\s*(?:[:.,]|\s)\s*(\d{1,3})$~', $lower, $m)) {
            return new GivenNumbers([(int) $m[1], (int) $m[2]], $text);
        }
        // numbers with their units, whatever the numbers: 6h 85, 7 hours and 15 mins
        if (1 === preg_match('~^\d+\s*[a-z]+(?:(?:\s*(?:and|,|&))?\s*\d+\s*[a-z]*)*\.?$~', $lower)
            && 1 <= preg_match_all('~(\d+)\s*([a-z]*)~', (string) preg_replace('~\band\b~', ' ', $lower), $found, \PREG_SET_ORDER)) {
            $parts = [];
            $last = null;
            foreach ($found as [, $number, $word]) {
                $unit = '' === $word ? $last?->smaller() : UnitWords::unit($word);
                if (null === $unit || \strlen($number) > 7) {
                    return null;
                }
                $parts[] = AmountPart::whole((int) $number, $unit);
                $last = $unit;
            }
            if ($this->isOneChain(...$parts)) {
                return GivenLength::of(...$parts);
            }

            return null;
        }
        if (1 === preg_match('~^(.*?)\s*\b(\d{1,5})[.,](\d{1,3})\s*([a-z]+)\.?$~', $lower, $m) && Unit::Second === UnitWords::unit($m[4])) {
            $larger = '' === $m[1] ? null : $this->length($m[1]);

            return '' === $m[1] || $larger instanceof GivenLength ? $this->withTenths($larger instanceof GivenLength ? $larger : null, (int) $m[2], (int) $m[3]) : null;
        }
        $line = new TypedLine($text, $this->times, $this->lengths);
        $reading = $line->length(0);

        return null !== $reading && $line->endsAt($reading->next) ? GivenLength::amount($reading->amount) : null;
    }

    /** What stands after the point of the seconds, as it was written: 83.12 s. */
    private function withTenths(?GivenLength $larger, int $seconds, int $tenths): ?GivenLength
    {
        $parts = [...$larger->parts ?? [], AmountPart::whole($seconds, Unit::Second), AmountPart::whole($tenths, Unit::Tenth)];

        return $this->isOneChain(...$parts) ? GivenLength::of(...$parts) : null;
    }

    /** Whether no unit stands twice and no months stand beside days. */
    private function isOneChain(AmountPart ...$parts): bool
    {
        $units = array_map(static fn (AmountPart $p): Unit => $p->unit, $parts);
        $chains = array_map(static fn (Unit $u): string => $u->chain()->name, $units);

        return [] !== $parts && \count($units) === \count(array_unique($units, \SORT_REGULAR)) && 1 === \count(array_unique($chains));
    }

    /** The things themselves in order, or their letters (b, a, c) or numbers (2, 1, 3). */
    private function order(string $text, Sum $sum): ?GivenOrder
    {
        $things = self::things($sum);
        $count = \count($things);
        $text = trim($text, " .!\t");
        $pieces = [];
        // with commas and the like; with spaces; things beside each other; letters or digits without anything between them
        foreach (['~\s*(?:,|;|<|→|->|\bthen\b|\band\b)\s*~iu', '~[\s,]+~', '~(?<=[a-z.])\s+(?=\d)~i', '~\s*[-–/]\s*~u', 1 === preg_match('~^(?:[a-z]+|\d+)$~i', $text) ? '~(?!^)(?!$)~' : '~,~'] as $between) {
            $pieces = array_values(array_filter(preg_split($between, $text) ?: [], static fn (string $piece): bool => '' !== $piece));
            if (\count($pieces) === $count) {
                break;
            }
        }
        if (\count($pieces) !== $count) {
            return null;
        }
        $positions = [];
        foreach ($pieces as $piece) {
            $at = $this->place($piece, $sum, $positions);
            if (null === $at) {
                return null;
            }
            $positions[] = $at;
        }

        return new GivenOrder($positions, $things);
    }

    /** @return list<StatedTime|StatedDate|Amount> what is to be put in order */
    private static function things(Sum $sum): array
    {
        return match (true) {
            $sum instanceof DateOrder => $sum->dates,
            [] !== $sum->times() => $sum->times(),
            default => $sum->lengths(),
        };
    }

    /** @param list<int> $taken positions that have been named already */
    private function place(string $piece, Sum $sum, array $taken): ?int
    {
        $things = self::things($sum);
        $count = \count($things);
        if (1 === preg_match('~^[a-zA-Z]$~', $piece)) {
            $at = \ord(strtolower($piece)) - \ord('a');

            return $at < $count && !\in_array($at, $taken, true) ? $at : null;
        }
        if (1 === preg_match('~^\d$~', $piece)) {
            $at = (int) $piece - 1;

            return $at >= 0 && $at < $count && !\in_array($at, $taken, true) ? $at : null;
        }
        $given = match (true) {
            $sum instanceof DateOrder => $this->date($piece),
            [] !== $sum->times() => $this->time($piece),
            default => $this->length($piece),
        };
        foreach ($things as $i => $thing) {
            $wanted = match (true) {
                $thing instanceof StatedTime => GivenTime::stated($thing),
                $thing instanceof StatedDate => GivenDate::stated($thing),
                default => GivenLength::amount($thing),
            };
            $same = null !== $given && $wanted->says($given);
            if ($same && !\in_array($i, $taken, true)) {
                return $i;
            }
        }

        return null;
    }
}
