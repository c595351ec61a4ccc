<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;

/**
 * Tells what happens on a day, to be put in order: first, next, before, after, earlier, later.
 *
 * Support: four things, each with what comes next. Core: five, before and after mixed. Stretch: six, with some of the times
 * and with what lies between. However it is told, one order fits, and no sentence could be left out.
 */
final readonly class DayTeller
{
    public function __construct(private ActivityMaker $days)
    {
    }

    /** @param ?string $day one of {@see ActivityMaker::days()}; null for any */
    public function tell(Level $level, int $seed, ?string $day = null, ?Writer $writer = null): DayTale
    {
        $writer ??= Writer::plain();
        $count = match ($level) {
            Level::Support => 4,
            Level::Core => 5,
            Level::Stretch => 6,
        };
        $table = $this->days->make($level, $count, $seed, $day);
        $dice = new Dice($seed);
        $rows = $table->rows;
        $shuffled = $this->shuffled(array_keys($rows), $dice);
        $orders = $this->orders(array_keys($rows));
        $clues = [];
        foreach ($this->clues($rows, $level, $writer, $dice) as [$sentence, $holds]) {
            $left = array_values(array_filter($orders, $holds));
            // one that says nothing new is not said
            if (\count($left) < \count($orders)) {
                $orders = $left;
                $clues[] = [$sentence, $holds];
            }
            if (1 === \count($orders)) {
                break;
            }
        }
        $clues = $this->needed($clues, array_keys($rows));
        // a sentence that ends in "p.m." takes no second full stop
        $sentences = array_map(static fn (array $clue): string => str_replace(['.m..', '.m.}.'], ['.m.', '.m.}'], $clue[0]), Level::Support === $level ? $clues : $this->shuffled($clues, $dice));
        $things = array_map(static fn (int $i): string => $rows[$i]->what, $shuffled);

        return new DayTale($table->title, $things, $sentences, array_map(static fn (int $i): int => (int) array_search($i, $shuffled, true), array_keys($rows)));
    }

    /**
     * Things that could be said, the best first, each with whether it holds of an order: a list of what comes when.
     *
     * @param non-empty-list<ActivityRow> $rows
     *
     * @return list<array{string, \Closure(list<int>): bool}>
     */
    private function clues(array $rows, Level $level, Writer $writer, Dice $dice): array
    {
        $name = static fn (int $i): string => '“'.$rows[$i]->what.'”';
        $last = \count($rows) - 1;
        $place = static fn (array $order, int $i): int => (int) array_search($i, $order, true);
        $first = [\sprintf('First comes %s.', $name(0)), static fn (array $order): bool => 0 === $order[0]];
        $ends = [\sprintf('Last of all comes %s.', $name($last)), static fn (array $order): bool => $order[$last] === $last];
        $next = [];
        $loose = [];
        for ($i = 0; $i < $last; ++$i) {
            $next[] = 0 === $dice->number(0, 1) || Level::Support === $level
                ? [\sprintf('%s comes next after %s.', $name($i + 1), $name($i)), static fn (array $order): bool => $place($order, $i + 1) === $place($order, $i) + 1]
                : [\sprintf('%s comes just before %s.', $name($i), $name($i + 1)), static fn (array $order): bool => $place($order, $i + 1) === $place($order, $i) + 1];
            for ($j = $i + 1; $j <= $last; ++$j) {
                $loose[] = 0 === $dice->number(0, 1)
                    ? [\sprintf('%s is earlier than %s.', $name($i), $name($j)), static fn (array $order): bool => $place($order, $i) < $place($order, $j)]
                    : [\sprintf('%s is later than %s.', $name($j), $name($i)), static fn (array $order): bool => $place($order, $i) < $place($order, $j)];
            }
            if ($i > 0) {
                $loose[] = [\sprintf('%s is after %s and before %s.', $name($i), $name($i - 1), $name($i + 1)), static fn (array $order): bool => $place($order, $i - 1) < $place($order, $i) && $place($order, $i) < $place($order, $i + 1)];
            }
        }
        if (Level::Support === $level) {
            return [$first, ...$next];
        }
        if (Level::Core === $level) {
            return [$dice->toss() ? $first : $ends, ...$this->shuffled([...$next, ...\array_slice($this->shuffled($loose, $dice), 0, 2)], $dice), ...$loose];
        }
        // two of them have their times said, so that they are to be compared
        [$a, $b] = \array_slice($this->shuffled(array_keys($rows), $dice), 0, 2);
        $time = static fn (int $i): string => $writer->time(StatedTime::of(TimeOfDay::ofMinutes($rows[$i]->start)));
        $times = [\sprintf('%s begins at %s, %s at %s.', $name($a), $time($a), $name($b), $time($b)), static fn (array $order): bool => ($place($order, $a) < $place($order, $b)) === ($rows[$a]->start < $rows[$b]->start)];

        return [$times, ...$this->shuffled($loose, $dice), ...$next, $first, $ends];
    }

    /**
     * Without those that the others make needless.
     *
     * @param list<array{string, \Closure(list<int>): bool}> $clues
     * @param list<int>                                      $things
     *
     * @return list<array{string, \Closure(list<int>): bool}>
     */
    private function needed(array $clues, array $things): array
    {
        $orders = $this->orders($things);
        foreach (array_reverse(array_keys($clues)) as $i) {
            $others = $clues;
            unset($others[$i]);
            if (1 === \count(array_filter($orders, static fn (array $order): bool => [] === array_filter($others, static fn (array $clue): bool => !$clue[1]($order))))) {
                $clues = $others;
            }
        }

        return array_values($clues);
    }

    /**
     * @param list<int> $things
     *
     * @return list<list<int>> all orders of a few things
     */
    private function orders(array $things): array
    {
        if (\count($things) < 2) {
            return [$things];
        }
        $orders = [];
        foreach ($things as $i => $first) {
            $rest = $things;
            unset($rest[$i]);
            foreach ($this->orders(array_values($rest)) as $order) {
                $orders[] = [$first, ...$order];
            }
        }

        return $orders;
    }

    /**
     * @template T
     *
     * @param list<T> $things
     *
     * @return list<T>
     */
    private function shuffled(array $things, Dice $dice): array
    {
        for ($i = \count($things) - 1; $i > 0; --$i) {
            $j = $dice->number(0, $i);
            [$things[$i], $things[$j]] = [$things[$j], $things[$i]];
        }

        return array_values($things);
    }
}
