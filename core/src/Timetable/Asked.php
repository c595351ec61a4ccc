<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Sum\Elapsed;
use Rostik\Core\Sum\LengthAnswer;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\Amount;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/** What the kinds of question have in common: a table, what is asked of it, and the words for both. */
final readonly class Asked
{
    public function __construct(public ServiceTable $table, public With $with, private Writer $writer)
    {
    }

    /** @throws NoSuchQuestion */
    public function stop(?string $name): int
    {
        return $this->table->stop($name ?? '') ?? throw NoSuchQuestion::stop($name);
    }

    /** @throws NoSuchQuestion */
    public function service(?int $number): Service
    {
        return $this->running()[$number ?? -1] ?? throw NoSuchQuestion::service($number);
    }

    /**
     * @return array<int, Service>
     *
     * @throws NoSuchQuestion when the services run on different days, and no day is said
     */
    public function running(): array
    {
        if (null === $this->with->weekday() && $this->table->mixesDays()) {
            throw NoSuchQuestion::needs('a day');
        }

        return $this->table->running($this->with->weekday());
    }

    /**
     * @return array<int, int> in order of time
     *
     * @throws NoSuchQuestion
     */
    public function departures(int $stop, ?int $to = null): array
    {
        $this->running();

        return $this->table->departures($stop, $this->with->weekday(), $to);
    }

    /** @throws NoSuchQuestion when it is missing, or no time of the day itself, so that it could be taken for another */
    public function moment(?int $minutes): int
    {
        return null !== $minutes && $minutes >= 0 && $minutes < TimeOfDay::DAY ? $minutes : throw NoSuchQuestion::needs('a time of the day');
    }

    /** @throws NoSuchQuestion */
    public function minutes(?int $minutes): int
    {
        return null !== $minutes && $minutes > 0 && $minutes <= 180 ? $minutes : throw NoSuchQuestion::needs('a number of minutes');
    }

    public function stated(int $minutes): StatedTime
    {
        return StatedTime::of(TimeOfDay::ofMinutes($minutes % TimeOfDay::DAY), ClockForm::TwentyFour);
    }

    /** Marked: "09:40". */
    public function time(int $minutes): string
    {
        return $this->writer->time($this->stated($minutes));
    }

    /** Marked: "1 h 5 min". */
    public function length(int $minutes): string
    {
        return $this->writer->amount(Amount::minutes($minutes));
    }

    public function name(int $stop): string
    {
        return $this->table->stops[$stop] ?? '';
    }

    /** "boat". */
    public function vehicle(): string
    {
        return $this->table->vehicle->value;
    }

    /**
     * "the 09:40 boat from Ombrel Quay".
     *
     * @throws NoSuchQuestion when two leave there at that time
     */
    public function called(int $service, int $from): string
    {
        $leaves = $this->service($service)->leaves($from) ?? throw NoSuchQuestion::notLinked();
        if (1 !== \count(array_keys($this->departures($from), $leaves, true))) {
            throw NoSuchQuestion::several();
        }

        return \sprintf('the %s %s from %s', $this->time($leaves), $this->vehicle(), $this->name($from));
    }

    /** With a capital, and " on a Saturday" in front where a day is said. */
    public function sentence(string $sentence): string
    {
        return null === $this->with->day ? ucfirst($sentence) : \sprintf('It is a %s. %s', $this->with->day, ucfirst($sentence));
    }

    public function answerTime(int $minutes, ?int $service = null): TableAnswer
    {
        return new TableAnswer($this->time($minutes), With::clock($minutes), $service, $minutes);
    }

    public function answerLength(int $minutes, ?int $service = null): TableAnswer
    {
        return new TableAnswer($this->length($minutes), (new LengthAnswer(Amount::minutes($minutes)))->value(), $service);
    }

    /**
     * @param list<Sum>                   $sums
     * @param non-empty-list<TableStep>   $steps
     * @param array<string, ?TableAnswer> $wrong by id of the misreading; those that are null or right are left out
     */
    public function question(Kind $kind, string $text, TableAnswer $answer, array $sums, array $steps, array $wrong): TableQuestion
    {
        return new TableQuestion($kind->id(), $this->sentence($text), $this->with, $answer, $sums, $steps, array_filter($wrong, static fn (?TableAnswer $one): bool => null !== $one && $one->value !== $answer->value));
    }

    /** From the one time of the table to the other, on the 24-hour clock. */
    public function elapsed(int $from, int $to): Sum
    {
        // more than a day on is said to be on the next day
        return Elapsed::of($this->stated($from), $this->stated($to), intdiv($to, TimeOfDay::DAY) > intdiv($from, TimeOfDay::DAY));
    }

    /** The next column to the right, or else to the left, of which that is known; null where there is none. */
    public function neighbour(int $service, int ...$stops): ?int
    {
        foreach ([$service + 1, $service - 1] as $other) {
            $there = $this->table->service($other);
            if (null !== $there && [] === array_filter($stops, static fn (int $stop): bool => null === $there->at($stop))) {
                return $other;
            }
        }

        return null;
    }

    /** The time in the next row up or down of that column, as it is seen there; null where there is none. */
    public function beside(int $service, int $stop): ?int
    {
        foreach ([$stop + 1, $stop - 1] as $other) {
            $call = $this->table->service($service)?->at($other);
            if (null !== $call) {
                return $call->leave;
            }
        }

        return null;
    }
}
