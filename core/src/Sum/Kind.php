<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

/** The kinds of sum with time. */
enum Kind: string
{
    case Total = 'total';
    case Difference = 'difference';
    case Product = 'product';
    case Share = 'share';
    /** Several steps, one after the other. */
    case Chain = 'chain';
    /** Times at equal distances. */
    case Series = 'series';
    case Later = 'later';
    case Earlier = 'earlier';
    case Elapsed = 'elapsed';
    case Missing = 'missing';
    case Conversion = 'conversion';
    case Comparison = 'comparison';
    case Order = 'order';
    case Rewrite = 'rewrite';
    case DateLater = 'date-later';
    case DateEarlier = 'date-earlier';
    case DatesApart = 'dates-apart';
    /** What a calendar says: days of the week, lengths of months, leap years. */
    case Calendar = 'calendar';

    /** What is done in it, as a teacher says: "adding lengths". */
    public function said(): string
    {
        return match ($this) {
            self::Total => 'adding lengths',
            self::Difference => 'taking lengths away',
            self::Product => 'lengths several times over',
            self::Share => 'sharing lengths',
            self::Chain => 'several steps in a row',
            self::Series => 'times at equal distances',
            self::Later => 'times later',
            self::Earlier => 'times earlier',
            self::Elapsed => 'how long it is',
            self::Missing => 'missing parts',
            self::Conversion => 'changing units',
            self::Comparison => 'comparing',
            self::Order => 'putting in order',
            self::Rewrite => 'writing times another way',
            self::DateLater => 'dates later',
            self::DateEarlier => 'dates earlier',
            self::DatesApart => 'days between dates',
            self::Calendar => 'reading a calendar',
        };
    }
}
