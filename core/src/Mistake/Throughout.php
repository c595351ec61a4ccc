<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenOrder;
use Rostik\Core\Judging\GivenSign;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Judging\GivenTimes;
use Rostik\Core\Judging\RightAnswer;
use Rostik\Core\Sum\Answer;
use Rostik\Core\Sum\CannotBeDone;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\InSteps;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Order;
use Rostik\Core\Sum\Series;
use Rostik\Core\Sum\SpanComparison;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Sum\TimeAnswer;
use Rostik\Core\Sum\TimeComparison;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Rostik\Core\Time\Unit;

/**
 * A habit in a sum that is made of other sums: it shows in each of them, from what the child got before. A step that a
 * mistake says nothing of is done rightly.
 */
final readonly class Throughout
{
    public function __construct(private RightAnswer $right)
    {
    }

    /** Null where it shows in none of them, or where nobody could go on from what it leads to. */
    public function predict(Mistake $mistake, Sum $sum): ?Given
    {
        return match (true) {
            $mistake instanceof OfTheWhole => null,
            $sum instanceof Series => $this->series($mistake, $sum),
            $sum instanceof InSteps => $this->steps($mistake, $sum),
            $sum instanceof SpanComparison => $this->spans($mistake, $sum),
            $sum instanceof TimeComparison => $this->times($mistake, $sum),
            default => null,
        };
    }

    private function steps(Mistake $mistake, InSteps $sum): ?Given
    {
        $given = null;
        $shows = false;
        $before = [];
        for ($i = 0; $i < $sum->steps(); ++$i) {
            try {
                $step = $sum->step($i, ...$before);
                $predicted = $mistake->predict($step);
                $right = $this->right->to($step);
                if ($predicted instanceof GivenLength && null !== $right && $predicted->isOtherFormOf($right)) {
                    $predicted = null;
                }
                $given = $predicted ?? $right;
            } catch (CannotBeDone) {
                // from there nothing can be taken any more
                return null;
            }
            $shows = $shows || null !== $predicted;
            $from = null === $given ? null : $this->asAnswer($given);
            if (null === $from && $i < $sum->steps() - 1) {
                return null;
            }
            if (null !== $from) {
                $before[] = $from;
            }
        }

        return $shows ? $given : null;
    }

    private function series(Mistake $mistake, Series $sum): ?Given
    {
        $times = [GivenTime::stated($sum->start)];
        $shows = false;
        $before = [];
        for ($i = 0; $i < $sum->steps(); ++$i) {
            $step = $sum->step($i, ...$before);
            $predicted = $mistake->predict($step);
            $given = $predicted ?? $this->right->to($step);
            $shows = $shows || null !== $predicted;
            $from = null === $given ? null : $this->asAnswer($given);
            if (!$given instanceof GivenTime || (null === $from && $i < $sum->steps() - 1)) {
                return null;
            }
            if (null !== $from) {
                $before[] = $from;
            }
            $times[] = $given;
        }

        return $shows ? new GivenTimes($times) : null;
    }

    /** What is compared is as long as the habit makes it. */
    private function spans(Mistake $mistake, SpanComparison $sum): ?Given
    {
        $sides = [];
        $shows = false;
        foreach ([$sum->left, $sum->right] as $side) {
            $given = $side instanceof Elapsed ? $mistake->predict($side) : null;
            $count = $given instanceof GivenLength ? $given->count() : ($side instanceof Elapsed ? Unit::Minute->size() * $side->minutes() : $side->duration->count);
            if (null === $count) {
                return null;
            }
            $shows = $shows || null !== $given;
            $sides[] = $count;
        }

        return $shows ? new GivenSign($sides[0] < $sides[1] ? '<' : ($sides[0] > $sides[1] ? '>' : '=')) : null;
    }

    /** Two times are compared as they would be put in order; what stays as it stands either way round is taken for the same. */
    private function times(Mistake $mistake, TimeComparison $sum): ?Given
    {
        $one = $mistake->predict(Order::ofTimes($sum->left, $sum->right));
        $other = $mistake->predict(Order::ofTimes($sum->right, $sum->left));
        if (!$one instanceof GivenOrder || !$other instanceof GivenOrder) {
            return null;
        }
        $stays = [0, 1] === $one->positions;

        return new GivenSign($stays && [0, 1] === $other->positions ? '=' : ($stays ? '<' : '>'), true);
    }

    /** Null for what no clock shows, and for a length that would have to be regrouped first. */
    private function asAnswer(Given $given): ?Answer
    {
        if ($given instanceof GivenLength) {
            return $given->overflows() || null === $given->count() || [] === $given->parts ? null : new LengthAnswer(Amount::usual(Amount::of(...$given->parts)->duration, $given->parts[0]->unit->size() > Unit::Hour->size() ? $given->parts[0]->unit : Unit::Hour));
        }
        $minutes = $given instanceof GivenTime ? $given->minutes() : null;
        if (!$given instanceof GivenTime || null === $minutes) {
            return null;
        }
        $time = TimeOfDay::ofMinutes($minutes);

        return new TimeAnswer(match (true) {
            $given->by24 => StatedTime::of($time, ClockForm::TwentyFour),
            null === $given->half => StatedTime::open($time->hour12(), $time->minute()),
            default => StatedTime::of($time),
        });
    }
}
