<?php

declare(strict_types=1);

namespace Rostik\Core\Mistake;

use Rostik\Core\Judging\Given;
use Rostik\Core\Judging\GivenLength;
use Rostik\Core\Judging\GivenTime;
use Rostik\Core\Sum\Earlier;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Later;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;

/** A way along the number line that passes an o'clock: a jump to it, whole hours, and a jump on from the last o'clock. */
final readonly class OnTheLine
{
    /**
     * @param int $first minutes of the jump to the first o'clock
     * @param int $last  minutes of the jump from the last o'clock on
     */
    private function __construct(private Later|Earlier|Elapsed $sum, public int $first, public int $last)
    {
    }

    /** Null where there are no such jumps: it starts or ends on an o'clock, or passes none. */
    public static function of(Sum $sum): ?self
    {
        if ($sum instanceof Elapsed) {
            $start = $sum->start->minutes;
            $first = (60 - $start % 60) % 60;
            $last = $sum->end->minutes % 60;

            return !$sum->start->halfSaid || !$sum->end->halfSaid || 0 === $first || 0 === $last || $sum->minutes() < $first + $last ? null : new self($sum, $first, $last);
        }
        if (!$sum instanceof Later && !$sum instanceof Earlier) {
            return null;
        }
        $minute = $sum->start->minutes % 60;
        $first = $sum instanceof Later ? (60 - $minute) % 60 : $minute;
        $last = $sum->minutes() % 60 - $first;

        return 0 === $first || $last <= 0 ? null : new self($sum, $first, $last);
    }

    /** What it comes to with so many minutes left out; null where nothing would be left of it. */
    public function without(int $minutes): ?Given
    {
        $rest = $this->sum->minutes() - $minutes;

        return match (true) {
            $rest <= 0 => null,
            $this->sum instanceof Elapsed => GivenLength::amount(Amount::minutes($rest)),
            default => GivenTime::stated($this->sum->start->moved($this->sum instanceof Later ? $rest : -$rest)),
        };
    }
}
