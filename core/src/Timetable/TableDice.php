<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Time\TimeOfDay;

/** Things to ask after, drawn from a table. */
final readonly class TableDice
{
    /** A longer wait than this is not asked about, in minutes. */
    private const LONGEST_WAIT = 150;

    public ?string $day;

    public function __construct(private ServiceTable $table, private Level $level, private Dice $dice)
    {
        $days = array_filter(Weekdays::NAMES, static fn (int $day): bool => [] !== $table->running($day), \ARRAY_FILTER_USE_KEY);
        $this->day = $table->mixesDays() && [] !== $days ? $dice->pick(array_values($days)) : null;
    }

    /** 1 for Monday to 7 for Sunday; null where no day is said. */
    private function weekday(): ?int
    {
        return (new With(day: $this->day))->weekday();
    }

    /** @return array<int, Service> */
    private function running(): array
    {
        return $this->table->running($this->weekday());
    }

    public function service(): ?int
    {
        $numbers = array_keys($this->running());

        return [] === $numbers ? null : $this->dice->pick($numbers);
    }

    public function stop(): ?int
    {
        $stops = $this->table->askable();

        return [] === $stops ? null : $this->dice->pick($stops);
    }

    /** A service with two stops between which it goes; null where none has two that can be asked about. */
    public function ride(?int $service = null): ?Ride
    {
        $service ??= $this->service();
        $there = null === $service ? null : $this->table->service($service);
        if (null === $service || null === $there) {
            return null;
        }
        $stops = array_values(array_filter($this->table->askable(), static fn (int $stop): bool => null !== $there->at($stop)));
        if (\count($stops) < 2) {
            return null;
        }
        $i = $this->dice->number(0, \count($stops) - 2);
        $j = $this->dice->number($i + 1, \count($stops) - 1);

        return new Ride($service, $stops[$i], $stops[$j]);
    }

    /** Two services with a stop at which one can change from the one to the other, which goes where the first does not; null where none was found. */
    public function change(): ?ChangeOfServices
    {
        $ride = $this->ride();
        $one = null === $ride ? null : $this->table->service($ride->service);
        if (null === $ride || null === $one) {
            return null;
        }
        $found = [];
        foreach ($this->running() as $number => $two) {
            $wait = ($two->leaves($ride->to) ?? 0) - (int) $one->arrives($ride->to);
            foreach ($wait >= 2 && $wait <= 60 && $number !== $ride->service ? $this->table->askable() : [] as $to) {
                if ($two->links($ride->to, $to) && !$one->links($ride->to, $to)) {
                    $found[] = new ChangeOfServices($ride->service, $ride->from, $ride->to, $number, $to);
                }
            }
        }

        return [] === $found ? null : $this->dice->pick($found);
    }

    /** Somebody at a stop before one leaves; null where none does. */
    public function waiting(): ?With
    {
        $stop = $this->stop();
        $at = null === $stop ? null : $this->moment($stop);

        return null === $stop || null === $at ? null : new With(stop: $this->table->stops[$stop], at: $at, day: $this->day);
    }

    /** A time before one of the departures, and after the one before it where there is one; null where there is none. */
    public function moment(int $stop, ?int $to = null): ?int
    {
        $times = array_values($this->table->departures($stop, $this->weekday(), $to));
        if ([] === $times) {
            return null;
        }
        $i = $this->dice->number(\count($times) > 1 ? 1 : 0, \count($times) - 1);
        $first = max(0, $times[$i] - self::LONGEST_WAIT, $i > 0 ? $times[$i - 1] + 1 : 0);
        $last = min($times[$i] - 1, TimeOfDay::DAY - 1);

        return $first > $last ? null : $this->rounded($this->dice->number($first, $last), $first, $last);
    }

    /** A time a little after a service gets there. */
    public function deadline(Service $service, int $stop): int
    {
        $arrives = $service->arrives($stop) ?? 0;

        return $this->rounded($arrives + $this->dice->number(2, 25), $arrives + 1, $arrives + 30);
    }

    public function someMinutes(int $from, int $to): int
    {
        return $this->rounded($this->dice->number($from, $to), $from, $to);
    }

    /** In fives at support, where a five lies within. */
    private function rounded(int $minutes, int $from, int $to): int
    {
        $five = 5 * (int) round($minutes / 5);

        return Level::Support !== $this->level && 0 !== $this->dice->number(0, 3) || $five < $from || $five > $to ? $minutes : $five;
    }
}
