<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A clock face with its hands, and the minutes that have been counted round its edge. */
final readonly class ClockPicture implements Picture
{
    public const TYPE = 'clock';

    public string $type;

    /** What the clock reads, for whoever cannot see it: "3:05". */
    public string $reads;

    /**
     * @param int       $minutes what the hands show, in minutes since 12, 0 to 719
     * @param int       $from    where the counting began, in minutes of the hour, 0 to 59
     * @param int       $swept   minutes counted since then; negative backwards
     * @param list<int> $stops   minutes of the hour at which a count was said, in order
     * @param ?int      $second  where the second hand is, 0 to 59; null for a clock without one
     * @param string    $between what stands between hours and minutes
     */
    public function __construct(
        public int $minutes,
        public int $from,
        public int $swept,
        public array $stops,
        string $between = ':',
        public ?int $second = null,
    ) {
        $this->type = self::TYPE;
        $this->reads = \sprintf('%d%s%02d', (intdiv($minutes, 60) + 11) % 12 + 1, $between, $minutes % 60).(null === $second ? '' : \sprintf('%s%02d', $between, $second));
    }

    public function withholding(\Closure $mark): self
    {
        return $this;
    }
}
