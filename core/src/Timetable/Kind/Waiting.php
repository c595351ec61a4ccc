<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable\Kind;

use Rostik\Core\Timetable\Asked;
use Rostik\Core\Timetable\Cell;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\Service;
use Rostik\Core\Timetable\TableAnswer;
use Rostik\Core\Timetable\TableStep;

/** Somebody at a stop at a time, and the services that have gone and are to come. */
final readonly class Waiting
{
    /**
     * @param int             $at             when one is there, in minutes
     * @param array<int, int> $times          when services leave, by their number, in order of time
     * @param int             $next           number of the next
     * @param ?int            $before         number of the last that has gone
     * @param ?int            $afterNext      number of the one after the next
     * @param ?int            $beside         what stands in the row beside, in the column of the next
     * @param ?int            $inTheRowBeside number of the next by the row beside
     */
    private function __construct(public int $stop, public int $at, public array $times, public int $next, public ?int $before, public ?int $afterNext, public ?int $beside, public ?int $inTheRowBeside)
    {
    }

    /**
     * @param int $walk minutes until one is there
     *
     * @throws NoSuchQuestion where it is not clear which is the next, or none is
     */
    public static function of(Asked $asked, int $walk = 0): self
    {
        $stop = $asked->stop($asked->with->stop);
        $at = $asked->moment($asked->moment($asked->with->at) + $walk);
        $times = $asked->departures($stop);
        $coming = array_filter($times, static fn (int $time): bool => $time >= $at);
        $next = array_key_first($coming) ?? throw NoSuchQuestion::nothingRuns();
        foreach ($asked->running() as $number => $service) {
            $call = $service->at($stop);
            if (null === $call || $number === $next) {
                continue;
            }
            // one that leaves just then, or together with it, one that stands there and has not left, and one that comes before it and ends
            if ($call->leave === $at || $call->leave === $times[$next] || ($call->arrive <= $at && $call->leave >= $at) || ($call->arrive >= $at && $call->arrive <= $times[$next])) {
                throw NoSuchQuestion::several();
            }
        }
        if ($times[$next] === $at || ((int) $asked->service($next)->arrives($stop) < $at && $asked->service($next)->first() !== $stop)) {
            throw NoSuchQuestion::several();
        }
        $beside = $asked->beside($next, $stop);
        $numbers = array_keys($coming);
        $row = [];
        foreach ([$stop + 1, $stop - 1] as $other) {
            $row = [] === $row ? array_filter(array_map(static fn (Service $service): ?int => $service->at($other)?->leave, $asked->running()), static fn (?int $time): bool => null !== $time && $time >= $at) : $row;
        }
        asort($row);

        return new self($stop, $at, $times, $next, array_key_last(array_filter($times, static fn (int $time): bool => $time < $at)), $numbers[1] ?? null, $beside, array_key_first($row));
    }

    /** Which service it is: the one that leaves there at that time. */
    public function service(Asked $asked, int $number): TableAnswer
    {
        $leaves = $this->times[$number] ?? $asked->table->service($number)?->at($this->stop)?->leave;

        return new TableAnswer(null === $leaves ? 'the '.$asked->time((int) $asked->table->service($number)?->at($asked->table->service($number)->first())?->leave) : $asked->time($leaves), $number, $number, $leaves);
    }

    /** @return non-empty-list<TableStep> */
    public function steps(Asked $asked): array
    {
        return [
            new TableStep(\sprintf('Look along the row of %s.', $asked->name($this->stop)), [new Cell($this->stop, null)]),
            new TableStep(\sprintf(null === $this->before ? '%2$s is the first after %3$s.' : '%1$s has gone; %2$s is the first after %3$s.', null === $this->before ? '' : $asked->time($this->times[$this->before]), $asked->time($this->times[$this->next]), $asked->time($this->at)), [new Cell($this->stop, null)], [new Cell($this->stop, $this->next)]),
        ];
    }
}
