<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\ClockMove;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\Sum;

/** Jumps along a number line, the whole hours first, then the minutes. For later, earlier and elapsed. */
final class HoursFirstMethod extends OnTheLine
{
    public const ID = 'hours-first';

    public function id(): string
    {
        return self::ID;
    }

    public function title(): string
    {
        return 'Hours first';
    }

    public function suits(Sum $sum, Writer $writer): ?Suit
    {
        $minutes = match (true) {
            $sum instanceof ClockMove, $sum instanceof Elapsed => $sum->minutes(),
            default => 0,
        };
        if ($minutes < 60 || 0 === $minutes % 60 || !$this->isDrawn($minutes)) {
            return null;
        }

        return $sum->regroups()
            ? new Suit(50, 'The whole hours are one easy jump; the minutes then pass the o’clock.')
            : new Suit(85, 'The whole hours are one easy jump, and the minutes stay within the hour.');
    }

    public function work(Sum $sum, Writer $writer): Working
    {
        return match (true) {
            $sum instanceof ClockMove => $this->move($sum, $writer),
            $sum instanceof Elapsed => $this->elapsed($sum, $writer),
            default => throw new \LogicException('Hours first is not for this kind of sum.'),
        };
    }

    protected function jumps(int $from, int $to, int $landmark): array
    {
        return Jumps::hoursFirst($from, $to);
    }
}
