<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/**
 * What a question about a timetable asks after: stops by name, services by number from 0, times in minutes since the
 * midnight with which the day of the table begins. Only what the kind of question needs is there.
 */
final readonly class With
{
    /**
     * @param ?string $from    stop
     * @param ?string $to      stop
     * @param ?string $via     stop at which one changes
     * @param ?string $stop    the one stop that it is about
     * @param ?int    $service number from 0
     * @param ?int    $then    number of the service to change to
     * @param ?int    $at      time from which one waits
     * @param ?int    $by      time by which one has to be there
     * @param ?int    $after   time with which a part of the day begins
     * @param ?int    $until   time with which it ends
     * @param ?int    $late    minutes; its member is "by", which is otherwise a time
     * @param ?int    $walk    minutes to the stop
     * @param ?int    $walkOn  minutes from the stop
     * @param ?string $day     "Saturday", where the services of the table do not all run on the same days
     * @param ?string $which   "first", "last" or "between"
     */
    public function __construct(
        public ?string $from = null,
        public ?string $to = null,
        public ?string $via = null,
        public ?string $stop = null,
        public ?int $service = null,
        public ?int $then = null,
        public ?int $at = null,
        public ?int $by = null,
        public ?int $after = null,
        public ?int $until = null,
        public ?int $late = null,
        public ?int $walk = null,
        public ?int $walkOn = null,
        public ?string $day = null,
        public ?string $which = null,
    ) {
    }

    /** 1 for Monday to 7 for Sunday; null where no day is said. */
    public function weekday(): ?int
    {
        return null === $this->day ? null : (array_search($this->day, Weekdays::NAMES, true) ?: null);
    }

    /** @return array<string, string|int> as it is kept and exchanged: times HH:MM, past midnight 24:10 */
    public function members(): array
    {
        $clock = static fn (?int $minutes): ?string => null === $minutes ? null : self::clock($minutes);

        return array_filter([
            'from' => $this->from,
            'to' => $this->to,
            'via' => $this->via,
            'stop' => $this->stop,
            'service' => $this->service,
            'then' => $this->then,
            'at' => $clock($this->at),
            'by' => $this->late ?? $clock($this->by),
            'after' => $clock($this->after),
            'until' => $clock($this->until),
            'walk' => $this->walk,
            'walkOn' => $this->walkOn,
            'day' => $this->day,
            'which' => $this->which,
        ], static fn (string|int|null $value): bool => null !== $value);
    }

    /**
     * @param array<array-key, mixed> $members
     *
     * @return ?self null where one is none of those there are
     */
    public static function read(array $members): ?self
    {
        $text = static fn (string $name): ?string => \is_string($members[$name] ?? null) ? $members[$name] : null;
        $number = static fn (string $name): ?int => \is_int($members[$name] ?? null) ? $members[$name] : null;
        $time = static fn (string $name): ?int => \is_string($members[$name] ?? null) ? self::minutes($members[$name]) : null;
        $with = new self($text('from'), $text('to'), $text('via'), $text('stop'), $number('service'), $number('then'), $time('at'), $time('by'), $time('after'), $time('until'), $number('by'), $number('walk'), $number('walkOn'), $text('day'), $text('which'));

        // whatever was not taken over was none of those there are
        return \count($with->members()) === \count($members) ? $with : null;
    }

    /** The same with every time of the day so many minutes later, or earlier. */
    public function later(int $minutes): self
    {
        $later = static fn (?int $time): ?int => null === $time ? null : $time + $minutes;

        return new self($this->from, $this->to, $this->via, $this->stop, $this->service, $this->then, $later($this->at), $later($this->by), $later($this->after), $later($this->until), $this->late, $this->walk, $this->walkOn, $this->day, $this->which);
    }

    /** 09:05; past midnight 24:10. */
    public static function clock(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    private static function minutes(string $clock): ?int
    {
        return 1 === preg_match('/^(\d\d):([0-5]\d)$/', $clock, $m) ? 60 * (int) $m[1] + (int) $m[2] : null;
    }
}
