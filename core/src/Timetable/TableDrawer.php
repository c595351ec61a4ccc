<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * Timetables of the island, drawn from a seed: regular with exceptions, as real ones are. Made up.
 *
 * Support: few stops, times in fives, every one calls everywhere. Core: single minutes, dashes, one that takes longer.
 * Stretch: a fast one, one that ends half-way and one that goes on from there, a Saturday one, the last after midnight.
 */
final readonly class TableDrawer
{
    /** @var array<string, array{Vehicle, non-empty-list<string>}> */
    private const LINES = [
        'The Pintail' => [Vehicle::Boat, ['Ombrel Quay', 'Little Sand', 'Cormorant Steps', 'Fell Harbour']],
        'The Pintail, long way round' => [Vehicle::Boat, ['Ombrel Quay', 'Little Sand', 'Seal Rocks', 'Cormorant Steps', 'North Stack', 'Fell Harbour']],
        'Island bus' => [Vehicle::Bus, ['Ombrel Quay', 'School Lane', 'Boat Shed', 'Kelp Racks', 'Lighthouse']],
        'Shore bus' => [Vehicle::Bus, ['Fell Harbour', 'Market Square', 'Mill Bridge', 'Causeway End', 'Dune Corner', 'Ombrel Quay']],
    ];

    public function draw(Level $level, int $seed): ServiceTable
    {
        $dice = new Dice($seed);
        $title = $dice->pick(array_keys(self::LINES));
        [$vehicle, $stops] = self::LINES[$title];
        if (Level::Support === $level) {
            $stops = \array_slice($stops, 0, 4);
        }
        $step = $level->step();
        // how long each leg usually takes
        $legs = array_map(static fn (): int => $dice->number(5, 25, $step), \array_slice($stops, 1));
        $count = match ($level) {
            Level::Support => 5,
            Level::Core => 7,
            Level::Stretch => 9,
        };
        $apart = $dice->pick(Level::Support === $level ? [60, 90, 120] : [45, 65, 70, 75, 80, 95]);
        $start = $dice->number(6 * 60, 8 * 60, Level::Support === $level ? 5 : 1);
        $services = [];
        $ended = null;
        $odd = $dice->number(1, $count - 2);
        $fast = $dice->number(1, $count - 2);
        $late = $dice->number($count - 3, $count - 1);
        $short = $dice->number(2, $count - 4);
        $middle = intdiv(\count($stops), 2);
        for ($i = 0; $i < $count; ++$i) {
            $last = $i === $count - 1;
            $leaves = Level::Stretch === $level && $last
                ? 24 * 60 - $dice->number(5, 20)
                : $start + $i * $apart + (Level::Support !== $level && $i >= $late ? $dice->number(10, 25) : 0);
            $skips = Level::Support !== $level && $i === $fast;
            // at stretch one ends in the middle, and another goes on from there
            $from = Level::Stretch === $level && $i === $short + 1 ? $middle : 0;
            $to = Level::Stretch === $level && $i === $short ? $middle : \count($stops) - 1;
            $calls = [];
            $time = $from > 0 && null !== $ended ? $ended + $dice->number(4, 14) : $leaves;
            $skips = $skips && 0 === $from && $to === \count($stops) - 1;
            foreach ($stops as $stop => $name) {
                if ($stop > $from) {
                    // one is slower, and the one that does not stop everywhere is quicker
                    $time += ($legs[$stop - 1] ?? 5) + (Level::Support !== $level && $i === $odd && $i !== $fast ? $dice->number(1, 6) : 0) - ($skips ? 1 : 0);
                }
                $between = $stop > 0 && $stop < \count($stops) - 1;
                $calls[] = $stop < $from || $stop > $to || ($skips && $between && 1 === $stop % 2) ? null : Call::of($time);
            }
            $ended = $i === $short ? $calls[$middle]?->arrive : null;
            $days = Level::Stretch === $level && $i === $count - 2 ? Weekdays::of(6) : Weekdays::all();
            $services[] = Service::of((string) ($i + 1), $days, $calls);
        }

        return ServiceTable::of($title, $vehicle, $stops, $services);
    }
}
