<?php

declare(strict_types=1);

namespace Rostik\Core\Sequence;

use Rostik\Core\Skill\Features;
use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/**
 * What makes a sum harder than its barest case. The number of a sum is the sum of the weights of what it has, above 1 for
 * itself; the weights are common practice, no source: what asks for a step more of the working counts 1, what makes a step
 * longer a half. It orders sums, and is shown to nobody as a mark.
 */
enum Difficulty: string
{
    case PassesTheHour = 'passes-the-hour';
    case WholeHours = 'whole-hours';
    case SeveralHours = 'several-hours';
    case SingleMinutes = 'single-minutes';
    case TwelveToOne = 'twelve-to-one';
    case CrossesNoon = 'crosses-noon';
    case CrossesMidnight = 'crosses-midnight';
    case TwentyFourHours = 'by-24-hours';
    case Regroups = 'regroups';
    case TensCarry = 'tens-carry';
    case SeveralTerms = 'several-terms';
    case SeveralSteps = 'several-steps';
    case LargerUnits = 'days-and-longer';
    case SmallerUnits = 'seconds-and-shorter';
    case CountedMinutes = 'counted-minutes';
    case BeforeTheHour = 'before-the-hour';
    case UnknownElsewhere = 'unknown-elsewhere';
    case InWords = 'in-words';

    public function weight(): float
    {
        return match ($this) {
            self::PassesTheHour, self::CrossesNoon, self::SingleMinutes, self::Regroups, self::SeveralTerms, self::SeveralSteps, self::UnknownElsewhere, self::InWords, self::CrossesMidnight => 1.0,
            self::WholeHours, self::SeveralHours, self::TwelveToOne, self::TwentyFourHours, self::TensCarry, self::LargerUnits, self::SmallerUnits, self::CountedMinutes, self::BeforeTheHour => 0.5,
        };
    }

    /** What is new where it comes, as it is said to the teacher: "now the minutes pass the o’clock". */
    public function comes(): string
    {
        return match ($this) {
            self::PassesTheHour => 'now the minutes pass the o’clock',
            self::WholeHours => 'there are whole hours besides',
            self::SeveralHours => 'there are several hours',
            self::SingleMinutes => 'the minutes are no longer fives',
            self::TwelveToOne => 'the hour goes from 12 to 1',
            self::CrossesNoon => 'now noon is passed',
            self::CrossesMidnight => 'now midnight is passed',
            self::TwentyFourHours => 'it is on the 24-hour clock',
            self::Regroups => 'now it has to be regrouped',
            self::TensCarry => 'the minutes carry a ten of their own',
            self::SeveralTerms => 'there is one more of them',
            self::SeveralSteps => 'it takes more than one step',
            self::LargerUnits => 'there are days, or longer',
            self::SmallerUnits => 'there are seconds',
            self::CountedMinutes => 'the minutes have to be counted',
            self::BeforeTheHour => 'it is before the hour',
            self::UnknownElsewhere => 'another part is to be found',
            self::InWords => 'it is told in words',
        };
    }

    /** What is simpler where it goes: "the minutes end on the o’clock". */
    public function goes(): string
    {
        return match ($this) {
            self::PassesTheHour => 'the minutes come to the o’clock, and no further',
            self::WholeHours => 'there are minutes alone',
            self::SeveralHours => 'there are fewer hours',
            self::SingleMinutes => 'the minutes are fives',
            self::TwelveToOne => 'the hour does not go from 12 to 1',
            self::CrossesNoon => 'noon is not passed',
            self::CrossesMidnight => 'midnight is not passed',
            self::TwentyFourHours => 'it is on the 12-hour clock',
            self::Regroups => 'nothing has to be regrouped',
            self::TensCarry => 'the minutes carry no ten of their own',
            self::SeveralTerms => 'there are two of them',
            self::SeveralSteps => 'one step is enough',
            self::LargerUnits => 'there are no days',
            self::SmallerUnits => 'there are no seconds',
            self::CountedMinutes => 'it is an o’clock, a half or a quarter',
            self::BeforeTheHour => 'it is past the hour',
            self::UnknownElsewhere => 'the result is to be found',
            self::InWords => 'it is a bare sum',
        };
    }

    /**
     * @param Features $features of the same sum
     * @param bool     $told     whether it is told in words
     *
     * @return list<self> what a sum has
     */
    public static function of(Sum $sum, Features $features, bool $told): array
    {
        $way = $sum->plain()->way();
        $span = null === $way ? self::longest($sum) : $way->high() - $way->low();
        $times = $sum->times();
        // a clock that is read, set or said
        $read = Kind::Rewrite === $sum->kind() && 1 === \count($times) ? $times[0]->minutes % 60 : null;
        $has = [
            self::PassesTheHour->value => null !== $way && $features->minutesPass && 0 !== $way->high() % 60,
            self::WholeHours->value => null !== $way && $span >= 60,
            self::SeveralHours->value => $span >= 180 && $span < TimeOfDay::DAY,
            self::SingleMinutes->value => !$features->fives,
            self::TwelveToOne->value => $features->twelveToOne && !$features->crossesNoon && !$features->crossesMidnight,
            self::CrossesNoon->value => $features->crossesNoon,
            self::CrossesMidnight->value => $features->crossesMidnight,
            self::TwentyFourHours->value => true === $way?->by24(),
            self::Regroups->value => null === $way && $features->regroups,
            self::TensCarry->value => null === $way && self::carries($sum),
            self::SeveralTerms->value => $features->terms > 2,
            self::SeveralSteps->value => \count($features->signs) > 1,
            self::LargerUnits->value => [] !== array_filter($features->units, static fn (Unit $unit): bool => !\in_array($unit, [Unit::Hour, Unit::Minute, Unit::Second, Unit::Tenth], true)),
            self::SmallerUnits->value => [] !== array_intersect(array_column($features->units, 'value'), [Unit::Second->value, Unit::Tenth->value]),
            self::CountedMinutes->value => null !== $read && 0 !== $read % 15,
            self::BeforeTheHour->value => null !== $read && $read > 30,
            self::UnknownElsewhere->value => Kind::Missing === $sum->kind(),
            self::InWords->value => $told,
        ];

        return array_values(array_filter(self::cases(), static fn (self $one): bool => $has[$one->value]));
    }

    /** @param list<self> $all */
    public static function number(array $all): float
    {
        return 1.0 + array_sum(array_map(static fn (self $one): float => $one->weight(), $all));
    }

    /** In minutes. */
    private static function longest(Sum $sum): int
    {
        $minutes = 0;
        foreach ($sum->plain()->lengths() as $length) {
            $minutes = max($minutes, self::minutes($length));
        }

        return $minutes;
    }

    private static function minutes(Amount $length): int
    {
        return $length->duration->isWholeMinutes() ? $length->duration->minutes() : 0;
    }

    /** Whether the ones of the minutes pass ten, or are too few. */
    private static function carries(Sum $sum): bool
    {
        $plain = $sum->plain();
        $ones = array_map(static fn (Amount $length): int => self::minutes($length) % 60 % 10, $plain->lengths());

        return match (true) {
            $plain instanceof Total => array_sum($ones) >= 10,
            $plain instanceof Difference => \count($ones) > 1 && $ones[0] < $ones[1],
            default => false,
        };
    }
}
