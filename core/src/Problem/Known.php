<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\Unit;

/** All times, lengths and numbers that a problem tells, in order, with what they stand for. */
final readonly class Known
{
    /**
     * @param list<StatedTime> $times
     * @param list<string>     $timeRoles
     * @param list<Amount>     $lengths
     * @param list<string>     $lengthRoles
     * @param list<int>        $numbers
     */
    private function __construct(public array $times, public array $timeRoles, public array $lengths, public array $lengthRoles, public array $numbers)
    {
    }

    /**
     * @param array<string, Mention> $mentions
     * @param array<string, string>  $roles
     */
    public static function of(array $mentions, array $roles): self
    {
        [$times, $timeRoles, $lengths, $lengthRoles, $numbers] = [[], [], [], [], []];
        foreach ($mentions as $sign => $mention) {
            if ($mention->value instanceof StatedTime) {
                $times[] = $mention->value;
                $timeRoles[] = $roles[$sign] ?? '';
            } elseif ($mention->value instanceof Amount) {
                $lengths[] = self::inOneNotation($mention->value);
                $lengthRoles[] = $roles[$sign] ?? '';
            } else {
                $numbers[] = $mention->value;
            }
        }

        return new self(self::settled($times), $timeRoles, $lengths, $lengthRoles, $numbers);
    }

    /** @return array{StatedTime, Amount, string, string} the first time and the first length, with what they stand for */
    public function first(): array
    {
        return [$this->times[0] ?? throw new \LogicException('There is a time.'), $this->lengths[0] ?? throw new \LogicException('There is a length.'), $this->timeRoles[0] ?? '', $this->lengthRoles[0] ?? ''];
    }

    /** @param list<StatedTime> $times as many */
    public function withTimes(array $times): self
    {
        return new self($times, $this->timeRoles, $this->lengths, $this->lengthRoles, $this->numbers);
    }

    /**
     * Beside times that are surely 24-hour, those without a.m. or p.m. are 24-hour, too; where the half of the day is said of one,
     * the next one without it follows it within twelve hours: from ten to four in the afternoon to twenty-five past five.
     *
     * @param list<StatedTime> $times
     *
     * @return list<StatedTime>
     */
    private static function settled(array $times): array
    {
        $by24 = [] !== array_filter($times, static fn (StatedTime $t): bool => ClockForm::TwentyFour === $t->form);
        $settled = [];
        foreach ($times as $time) {
            $before = $settled[\count($settled) - 1] ?? null;
            if (!$time->halfSaid && $by24) {
                $time = $time->as24();
            } elseif (!$time->halfSaid && null !== $before && $before->halfSaid && ClockForm::Twelve === $before->form) {
                $half = $before->time()->half();
                $same = $time->in($half);
                $time = $same->minutes > $before->minutes ? $same : $time->in(HalfOfDay::Am === $half ? HalfOfDay::Pm : HalfOfDay::Am);
            }
            $settled[] = $time;
        }

        return $settled;
    }

    /** All is put into one notation first: 85 minutes is 1 h 25 min. */
    private static function inOneNotation(Amount $length): Amount
    {
        return $length->duration->isWholeSeconds() && $length->largest()->size() <= Unit::Hour->size() ? Amount::usual($length->duration) : $length->wholeParts();
    }
}
