<?php

declare(strict_types=1);

namespace Rostik\Core\Notation;

use Rostik\Core\Time\Unit;

/** The words and letters people use for units. */
final class UnitWords
{
    private const WORDS = [
        's' => Unit::Second, 'sec' => Unit::Second, 'secs' => Unit::Second, 'second' => Unit::Second, 'seconds' => Unit::Second,
        'm' => Unit::Minute, 'min' => Unit::Minute, 'mins' => Unit::Minute, 'minute' => Unit::Minute, 'minutes' => Unit::Minute,
        'h' => Unit::Hour, 'hr' => Unit::Hour, 'hrs' => Unit::Hour, 'hour' => Unit::Hour, 'hours' => Unit::Hour,
        'd' => Unit::Day, 'day' => Unit::Day, 'days' => Unit::Day,
        'w' => Unit::Week, 'wk' => Unit::Week, 'wks' => Unit::Week, 'week' => Unit::Week, 'weeks' => Unit::Week,
        'month' => Unit::Month, 'months' => Unit::Month, 'mth' => Unit::Month, 'mths' => Unit::Month, 'mo' => Unit::Month, 'mos' => Unit::Month,
        'y' => Unit::Year, 'yr' => Unit::Year, 'yrs' => Unit::Year, 'year' => Unit::Year, 'years' => Unit::Year,
    ];

    public static function unit(string $word): ?Unit
    {
        return self::WORDS[$word] ?? null;
    }

    /** Whether it is a word for hours, such as also follows a 24-hour time: 0945 hrs. */
    public static function saysHours(string $word): bool
    {
        return 'h' !== $word && Unit::Hour === self::unit($word);
    }

    /** @return list<string> every word there is for a unit */
    public static function all(): array
    {
        return [...array_keys(self::WORDS), 'fortnight', 'fortnights'];
    }

    /** Fortnights are read as two weeks each and have no unit of their own. */
    public static function isFortnight(string $word): bool
    {
        return 'fortnight' === $word || 'fortnights' === $word;
    }
}
