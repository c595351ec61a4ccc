<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\Chain;
use Rostik\Core\Time\Unit;

/** A length of time, written in the units in which a teacher would give it. */
final readonly class LengthAnswer implements Answer
{
    use UsualAnswer;

    public function __construct(public Amount $amount)
    {
    }

    /** In ISO 8601: PT7H15M, P3D, P1Y4M; weeks are given in days, since ISO 8601 does not mix them with other units. */
    public function value(): string
    {
        $date = '';
        $time = '';
        $days = 7 * $this->amount->number(Unit::Week) + $this->amount->number(Unit::Day);
        if (0 !== $days) {
            $date = $days.'D';
        }
        foreach ([[Unit::Year, 'Y'], [Unit::Month, 'M']] as [$unit, $letter]) {
            $n = $this->amount->number($unit);
            $date .= 0 === $n ? '' : $n.$letter;
        }
        foreach ([[Unit::Hour, 'H'], [Unit::Minute, 'M']] as [$unit, $letter]) {
            $n = $this->amount->number($unit);
            $time .= 0 === $n ? '' : $n.$letter;
        }
        $tenths = $this->amount->number(Unit::Tenth);
        $seconds = $this->amount->number(Unit::Second).(0 === $tenths ? '' : '.'.$tenths);
        $time .= '0' === $seconds ? '' : $seconds.'S';
        if ('' === $date.$time) {
            return Chain::Clock === $this->amount->duration->chain ? 'PT0S' : 'P0M';
        }

        return 'P'.$date.('' === $time ? '' : 'T'.$time);
    }

    public function said(): Phrase
    {
        return Phrase::of($this->amount);
    }

    public function equals(Answer $other): bool
    {
        return $other instanceof self && $this->amount->duration->chain === $other->amount->duration->chain
            && $this->amount->duration->count === $other->amount->duration->count;
    }
}
