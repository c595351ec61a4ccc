<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

/** How long an activity takes. */
final readonly class Minutes
{
    /**
     * @param float $expected of one group, in minutes
     * @param float $p90      nine times in ten it takes no longer
     * @param float $all      nine times in ten all groups are done
     */
    private function __construct(public float $expected, public float $p90, public float $all)
    {
    }

    /**
     * @param float $seconds a turn
     * @param float $setUp   minutes
     */
    public static function of(Turns $turns, int $groups, float $seconds, float $setUp): self
    {
        return new self(
            $setUp + $turns->expected() * $seconds / 60,
            $setUp + $turns->within(0.9) * $seconds / 60,
            $setUp + $turns->last($groups)->within(0.9) * $seconds / 60,
        );
    }

    /** "about 11 minutes, usually under 14" */
    public function said(): string
    {
        $about = max(1, (int) round($this->expected));
        $under = (int) floor($this->p90) + 1;

        return \sprintf('about %d %s', $about, 1 === $about ? 'minute' : 'minutes').($under <= $about + 1 ? '' : \sprintf(', usually under %d', $under));
    }
}
