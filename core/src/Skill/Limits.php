<?php

declare(strict_types=1);

namespace Rostik\Core\Skill;

use Rostik\Core\Sum\Unknown;

/** What a teacher wants of the numbers of drawn sums, beyond rung and level. */
final readonly class Limits
{
    /**
     * @param ?bool    $fives    true for fives only, false for at least one number of single minutes; null for either
     * @param ?bool    $regroups whether a unit must, or must not, be carried or exchanged; null for either
     * @param ?bool    $noon     whether noon must, or must not, be crossed; null for either
     * @param ?bool    $midnight whether midnight must, or must not, be crossed; null for either
     * @param ?Unknown $unknown  on the clock; null for any
     * @param ?bool    $hour     whether an hour must, or must not, be crossed; null for either
     * @param DayHours $day      between which hours the times lie
     */
    public function __construct(
        public ?bool $fives = null,
        public ?bool $regroups = null,
        public ?bool $noon = null,
        public ?bool $midnight = null,
        public ?Unknown $unknown = null,
        public ?bool $hour = null,
        public DayHours $day = DayHours::Waking,
    ) {
    }

    public static function none(): self
    {
        return new self();
    }

    /** Between which hours: who wants midnight wants the night. */
    public function hours(): DayHours
    {
        return true === $this->midnight ? DayHours::Whole : $this->day;
    }

    /** What a sum has that was not wanted, for whoever looks over a sheet, in a sentence; null where all is as wanted. */
    public function broken(Features $features): ?string
    {
        $along = $features->alongTheClock;

        return match (true) {
            true === $this->fives && !$features->fives => 'It has single minutes, and fives were wanted.',
            false === $this->regroups && $features->regroups => 'It regroups, though it should not.',
            true === $this->regroups && !$features->regroups => 'It does not regroup, though it should.',
            $along && false === $this->hour && $features->crossesHour => 'It crosses the hour, though it should not.',
            $along && false === $this->noon && $features->crossesNoon => 'It crosses noon, though it should not.',
            $along && false === $this->midnight && $features->crossesMidnight => 'It crosses midnight, though it should not.',
            default => null,
        };
    }

    /** What does not go along the clock has no noon to ask for, and what asks for no place on it no unknown one. */
    public function allow(Features $features): bool
    {
        $along = $features->alongTheClock;

        return (null === $this->fives || $features->fives === $this->fives)
            && (null === $this->regroups || $features->regroups === $this->regroups)
            && (null === $this->hour || !$along || $features->crossesHour === $this->hour)
            && (null === $this->noon || !$along || $features->crossesNoon === $this->noon)
            && (null === $this->midnight || !$along || $features->crossesMidnight === $this->midnight)
            && (null === $this->unknown || !$features->unknown->isOnTheClock() || $features->unknown === $this->unknown);
    }
}
