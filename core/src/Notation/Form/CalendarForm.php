<?php

declare(strict_types=1);

namespace Rostik\Core\Notation\Form;

use Rostik\Core\Notation\DateReader;
use Rostik\Core\Notation\Form;
use Rostik\Core\Notation\TypedLine;
use Rostik\Core\Notation\UsualWording;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\DaysIn;
use Rostik\Core\Sum\LeapYear;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\WeekdayOf;
use Rostik\Core\Time\MonthName;

/** What a calendar says: 12 March 2027 as weekday, February 2028 in days, year 2028 in days, leap year 2028. */
final class CalendarForm implements Form
{
    use UsualWording;

    public static function sums(): array
    {
        return [WeekdayOf::class, DaysIn::class, LeapYear::class];
    }

    public static function precedence(): int
    {
        return 148;
    }

    public function read(TypedLine $line): array
    {
        if (!DateReader::mayBeIn($line->typed)) {
            return [];
        }
        $text = DateReader::evened($line->typed);
        if (1 === preg_match('/^('.DateReader::DATE.') as (?:a )?(?:weekday|day|day of the week)$/', $text, $m)
            || 1 === preg_match('/^(?:on )?(?:what|which) (?:day(?: of the week)?|weekday) (?:is|was|will|does|did)(?: it)? (?:on )?('.DateReader::DATE.')(?: be| fall(?: on)?)?$/', $text, $m)) {
            return array_map(static fn ($date): Sum => WeekdayOf::of($date), DateReader::read($m[1]));
        }
        $month = '('.DateReader::monthPattern().')(?:,? (\d{4}))?';
        if (1 === preg_match('/^(?:month )?'.$month.' in days$/', $text, $m) || 1 === preg_match('/^(?:how many )?days (?:are there |does )?in '.$month.'$/', $text, $m) || 1 === preg_match('/^how many days (?:does|has|did) '.$month.'(?: have)?$/', $text, $m)) {
            return [DaysIn::month(DateReader::month($m[1]), isset($m[2]) ? (int) $m[2] : null)];
        }
        if (1 === preg_match('/^(?:the )?year (\d{4}) in days$/', $text, $m) || 1 === preg_match('/^(?:how many )?days (?:are there )?in (?:the )?year (\d{4})$/', $text, $m) || 1 === preg_match('/^how many days (?:does|has|did) (?:the )?year (\d{4})(?: have)?$/', $text, $m)) {
            return [DaysIn::year((int) $m[1])];
        }
        if (1 === preg_match('/^leap year (\d{4})$/', $text, $m) || 1 === preg_match('/^(?:is|was|will) (?:the year )?(\d{4})(?: be)? a leap year$/', $text, $m) || 1 === preg_match('/^(\d{4})(?: a)? leap year$/', $text, $m)) {
            return [LeapYear::of((int) $m[1])];
        }

        return [];
    }

    public function write(Sum $sum, Writer $writer): string
    {
        return match (true) {
            $sum instanceof WeekdayOf => $writer->date($sum->dates()[0]).' as weekday',
            $sum instanceof DaysIn => self::month($sum).' in days',
            $sum instanceof LeapYear => 'leap year '.$sum->year,
            default => '',
        };
    }

    public function solved(Sum $sum, Answer $answer, Writer $writer): string
    {
        return $this->claim($sum, $writer->answer($answer), $writer);
    }

    public function put(Sum $sum, Writer $writer): string
    {
        return match (true) {
            $sum instanceof WeekdayOf => \sprintf('What day of the week is %s?', $writer->date($sum->dates()[0])),
            $sum instanceof DaysIn => \sprintf('How many days has %s?', self::month($sum, 'the year ')),
            $sum instanceof LeapYear => \sprintf('Is %d a leap year?', $sum->year),
            default => '',
        };
    }

    public function claim(Sum $sum, string $answer, Writer $writer): string
    {
        return match (true) {
            $sum instanceof WeekdayOf => \sprintf('%s is a %s', $writer->date($sum->dates()[0]), $answer),
            $sum instanceof DaysIn => \sprintf('%s has %s', ucfirst(self::month($sum, 'the year ')), $answer),
            $sum instanceof LeapYear => \sprintf('%d is %s leap year', $sum->year, 'yes' === $answer ? 'a' : 'not a'),
            default => '',
        };
    }

    private static function month(DaysIn $sum, string $year = 'year '): string
    {
        return null === $sum->month ? $year.$sum->year : MonthName::of($sum->month).(null === $sum->year ? '' : ' '.$sum->year);
    }
}
