<?php

declare(strict_types=1);

namespace Rostik\Core\Sum;

use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\HalfOfDay;
use Rostik\Core\Time\StatedTime;

/** A time of day written in another way: 8:37 a.m. as words, 2:20 p.m. as 24h, 17:05 as 12h. */
final readonly class Rewrite implements Sum
{
    use UsualSum;

    private function __construct(public StatedTime $time, public TimeForm $as)
    {
    }

    public static function of(StatedTime $time, TimeForm $as): self
    {
        return new self($time, $as);
    }

    public function kind(): Kind
    {
        return Kind::Rewrite;
    }

    public function answered(): Answered
    {
        return Answered::Time;
    }

    public function answer(): RewriteAnswer
    {
        if ([] !== $this->readings()) {
            throw CannotBeDone::halfOfTheDayMatters();
        }

        return new RewriteAnswer(match ($this->as) {
            TimeForm::TwentyFour => StatedTime::of($this->time->time(), ClockForm::TwentyFour)->toTheSecond($this->time->second),
            TimeForm::Digital => $this->time,
            default => $this->time->halfSaid ? StatedTime::of($this->time->time())->toTheSecond($this->time->second) : $this->time,
        }, $this->as);
    }

    public function regroups(): bool
    {
        return false;
    }

    public function times(): array
    {
        return [$this->time];
    }

    public function withTimes(StatedTime ...$times): static
    {
        return new self($times[0] ?? $this->time, $this->as);
    }

    public function readings(): array
    {
        if ($this->time->halfSaid || (TimeForm::TwentyFour !== $this->as && TimeForm::Twelve !== $this->as)) {
            return [];
        }

        return array_map(
            fn (HalfOfDay $half): Reading => new Reading(Phrase::of('if it is ', $half), new self($this->time->in($half), $this->as)),
            HalfOfDay::cases(),
        );
    }
}
