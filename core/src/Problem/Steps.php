<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Sum\Difference;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\SecondElapsed;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\Total;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\StatedTime;

/** Sums that several ways of asking have in common. */
final class Steps
{
    /**
     * @param non-empty-list<Amount> $lengths
     *
     * @return non-empty-list<Sum>
     */
    public static function onward(StatedTime $start, array $lengths): array
    {
        $sums = [];
        foreach ($lengths as $length) {
            $sums[] = $sum = Later::of($start, $length);
            $start = $sum->answer()->time;
        }

        return $sums;
    }

    /**
     * @param non-empty-list<Amount> $lengths
     *
     * @return non-empty-list<Sum>
     */
    public static function back(StatedTime $end, array $lengths): array
    {
        $sums = [];
        foreach (array_reverse($lengths) as $length) {
            $sums[] = $sum = Earlier::of($end, $length);
            $end = $sum->answer()->time;
        }

        return $sums;
    }

    /**
     * @param list<StatedTime> $times
     *
     * @return list<Sum>
     */
    public static function spans(array $times, bool $together): array
    {
        [$one, $two] = [Elapsed::of($times[0], $times[1]), Elapsed::of($times[2], $times[3])];

        return [$one, $two, $together ? Total::of(self::amount($one), self::amount($two)) : self::larger(self::amount($one), self::amount($two))];
    }

    /** To the second, where seconds are told. */
    public static function span(StatedTime $start, StatedTime $end): Elapsed|SecondElapsed
    {
        return null === $start->second && null === $end->second ? Elapsed::of($start, $end) : SecondElapsed::of($start, $end);
    }

    public static function larger(Amount $one, Amount $other): Difference
    {
        return $one->duration->compareTo($other->duration) >= 0 ? Difference::of($one, $other) : Difference::of($other, $one);
    }

    public static function amount(Sum $sum): Amount
    {
        $answer = $sum->answer();

        return $answer instanceof LengthAnswer ? $answer->amount : throw new \LogicException('It comes to a length.');
    }
}
