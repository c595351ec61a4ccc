<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Time\MonthName;
use Rostik\Core\Time\NoSuchDate;
use Rostik\Core\Time\StatedDate;
use Rostik\Core\Time\Weekday;

/**
 * Reads dates as people write them: 12 March 2027, Friday 4th June, March 12, 2027, 2027-03-12, 12/3/2027. Where a date in
 * numbers could have its day or its month first, both are readings.
 */
final class DateReader
{
    private const MONTH = '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\b\.?';

    private const WEEKDAY = '(?:mon(?:day)?|tue(?:s|sday)?|wed(?:s|nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)\b\.?';

    /** Where a date stands in a line, without catching. */
    public const DATE = '(?:(?:'.self::WEEKDAY.',?\s+)?(?:(?:the\s+)?\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?'.self::MONTH.'(?:,?\s+\d{4}\b)?|'.self::MONTH.'\s+(?:the\s+)?\d{1,2}(?:st|nd|rd|th)?\b(?:,?\s+\d{4}\b)?|\d{4}-\d{1,2}-\d{1,2}\b|\d{1,2}[\/.]\d{1,2}[\/.]\d{4}\b))';

    /** Whether a line may have to do with the calendar at all: most have not, and are passed over quickly. */
    public static function mayBeIn(string $line): bool
    {
        return 1 === preg_match('/\b'.self::MONTH.'|\d{4}-\d|\d[\/.]\d{1,2}[\/.]\d{4}|\b(?:leap|year)\b/i', $line);
    }

    /** In lower case, with plain signs and single spaces, without what ends a question. */
    public static function evened(string $line): string
    {
        $line = mb_strtolower(strtr(mb_scrub($line, 'UTF-8'), ['–' => '-', '—' => '-', '−' => '-', '’' => "'", "\u{A0}" => ' ', "\u{202F}" => ' ']), 'UTF-8');

        return trim(preg_replace('/\s+/', ' ', $line) ?? $line, ' ?.');
    }

    /**
     * @param string $text a date and nothing else, evened
     *
     * @return list<StatedDate> the ways in which it can be meant; none where it is no date
     *
     * @throws CannotBeDone where it is written as a date and there is no such day
     */
    public static function read(string $text): array
    {
        $weekday = null;
        if (1 === preg_match('/^('.self::WEEKDAY.'),?\s+(.+)$/', $text, $m)) {
            $weekday = Weekday::read($m[1]);
            $text = $m[2];
        }
        try {
            if (1 === preg_match('/^(?:the\s+)?(\d{1,2})(?:st|nd|rd|th)?\s+(?:of\s+)?('.self::MONTH.')(?:,?\s+(\d{4}))?$/', $text, $m)) {
                return [StatedDate::stated(isset($m[3]) ? (int) $m[3] : null, self::month($m[2]), (int) $m[1], $weekday)];
            }
            if (1 === preg_match('/^('.self::MONTH.')\s+(?:the\s+)?(\d{1,2})(?:st|nd|rd|th)?(?:,?\s+(\d{4}))?$/', $text, $m)) {
                return [StatedDate::stated(isset($m[3]) ? (int) $m[3] : null, self::month($m[1]), (int) $m[2], $weekday)];
            }
            if (1 === preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $m)) {
                return [StatedDate::stated((int) $m[1], (int) $m[2], (int) $m[3], $weekday)];
            }
        } catch (NoSuchDate $none) {
            throw CannotBeDone::noSuchDate($none);
        }
        if (1 !== preg_match('/^(\d{1,2})([\/.])(\d{1,2})\2(\d{4})$/', $text, $m)) {
            return [];
        }
        $dates = [];
        $refused = null;
        foreach ([[(int) $m[3], (int) $m[1]], [(int) $m[1], (int) $m[3]]] as [$month, $day]) {
            try {
                $date = StatedDate::stated((int) $m[4], $month, $day, $weekday);
                if (!isset($dates[0]) || !$dates[0]->equals($date)) {
                    $dates[] = $date;
                }
            } catch (NoSuchDate $none) {
                $refused ??= $none;
            }
        }

        return [] === $dates && null !== $refused ? throw CannotBeDone::noSuchDate($refused) : $dates;
    }

    /** By its first three letters. */
    public static function month(string $word): int
    {
        foreach (MonthName::NAMES as $number => $name) {
            if (substr($word, 0, 3) === strtolower(substr($name, 0, 3))) {
                return $number;
            }
        }

        return 0;
    }

    /** The pattern of the name of a month. */
    public static function monthPattern(): string
    {
        return self::MONTH;
    }
}
