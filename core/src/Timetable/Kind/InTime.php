<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Timetable\Asked;
use Rostik\Core\Timetable\Cell;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\TableStep;

/** Somebody who wants to be at a stop by a time, and the services that are there in time or too late. */
final readonly class InTime
{
    /**
     * @param int                 $by             in minutes
     * @param int                 $dueAt          when one has to be at the stop itself
     * @param array<int, Service> $services       that go from the one to the other, by number
     * @param int                 $best           number of the latest in time
     * @param ?int                $tooLate        number of the first that is too late
     * @param ?int                $earlier        number of the one before the latest in time
     * @param ?int                $inTheRowBeside number of the latest by the row beside
     */
    private function __construct(public int $from, public int $to, public int $by, public int $dueAt, private array $services, public int $best, public ?int $tooLate, public ?int $earlier, public ?int $inTheRowBeside)
    {
    }

    /**
     * @param int $walkOn minutes from the stop to where one wants to be
     *
     * @throws NoSuchQuestion where it is not clear which is the latest, or none is in time
     */
    public static function of(Asked $asked, int $walkOn): self
    {
        [$from, $to, $by] = [$asked->stop($asked->with->from), $asked->stop($asked->with->to), $asked->moment($asked->with->by)];
        if ($from >= $to) {
            throw NoSuchQuestion::notLinked();
        }
        $due = $by - $walkOn;
        $all = array_filter(array_map(static fn (Service $service): ?int => $service->arrives($to), $asked->running()), static fn (?int $time): bool => null !== $time);
        $services = array_filter($asked->running(), static fn (Service $service): bool => $service->links($from, $to));
        $times = array_intersect_key($all, $services);
        $best = self::last($times, $due) ?? throw NoSuchQuestion::nothingRuns();
        // whoever looks at the one row only finds the same, and nobody is there to the minute
        if ($best !== self::last($all, $due) || \in_array($due, $all, true) || \count(array_keys($all, $all[$best], true)) > 1) {
            throw NoSuchQuestion::several();
        }
        foreach ($services as $number => $service) {
            if ($number !== $best && (int) $service->arrives($to) < $due && (int) $service->leaves($from) >= (int) $services[$best]->leaves($from)) {
                throw NoSuchQuestion::several();
            }
        }
        $late = array_filter($times, static fn (int $time): bool => $time > $due);
        asort($late);
        $row = null;
        foreach ([$to + 1, $to - 1] as $other) {
            $row ??= $other > $from ? self::last(array_filter(array_map(static fn (Service $service): ?int => $service->at($other)?->leave, $services), static fn (?int $time): bool => null !== $time), $due) : null;
        }

        return new self($from, $to, $by, $due, $services, $best, array_key_first($late), self::last(array_diff_key($times, [$best => 0]), $due), $row);
    }

    /**
     * @param array<int, int> $times
     *
     * @return ?int the key of the last at or before; null for none
     */
    private static function last(array $times, int $by): ?int
    {
        $before = array_filter($times, static fn (int $time): bool => $time <= $by);
        asort($before);

        return array_key_last($before);
    }

    public function leaves(int $service): int
    {
        return (int) $this->services[$service]->leaves($this->from);
    }

    /** @return non-empty-list<TableStep> */
    public function steps(Asked $asked): array
    {
        $arrives = (int) $this->services[$this->best]->arrives($this->to);

        return [
            new TableStep(\sprintf('Look along the row of %s for the last time before %s.', $asked->name($this->to), $asked->time($this->dueAt)), [new Cell($this->to, null)]),
            new TableStep(\sprintf(null === $this->tooLate ? 'It is %s.' : 'It is %s; %s would be too late.', $asked->time($arrives), null === $this->tooLate ? '' : $asked->time((int) $this->services[$this->tooLate]->arrives($this->to))), [new Cell($this->to, null)], [new Cell($this->to, $this->best)]),
            new TableStep(\sprintf('Up the column to %s: it leaves at %s.', $asked->name($this->from), $asked->time($this->leaves($this->best))), [new Cell(null, $this->best), new Cell($this->from, null)], [new Cell($this->to, $this->best), new Cell($this->from, $this->best)]),
        ];
    }
}
