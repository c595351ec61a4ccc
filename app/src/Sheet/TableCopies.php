<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Timetable\AnyTable;
use Rostik\Core\Timetable\NoSuchQuestion;
use Rostik\Core\Timetable\TableAsking;
use Rostik\Core\Timetable\TableLine;

/** The questions about the timetable of a sheet in its copies: others about the same table, or the same about other times. */
final readonly class TableCopies
{
    public function __construct(private TableAsking $asking)
    {
    }

    public function read(Sheet $sheet, CopiesRequest $wanted): ReadCopies
    {
        $table = $sheet->settings()->table?->table();
        $lines = array_filter(array_map(static fn (string $sum): ?TableLine => TableLine::read($sum), $sheet->sums()));
        if (null === $table || [] === $lines) {
            return new ReadCopies([], [], [], []);
        }

        return $wanted->moved ? $this->moved($table, $lines, $wanted) : $this->others($sheet, $table, $lines, $wanted);
    }

    /** @param array<int, TableLine> $lines by place */
    private function others(Sheet $sheet, AnyTable $table, array $lines, CopiesRequest $wanted): ReadCopies
    {
        $level = $sheet->settings()->level ?? Level::Core;
        $taken = [];
        foreach ($lines as $line) {
            $taken[$line->write()] = true;
        }
        $copies = [];
        $few = [];
        foreach (array_diff_key($lines, array_flip($sheet->keptPlaces())) as $place => $line) {
            $others = $this->asking->others($line, $table, $level, $wanted->count - 1, $wanted->seed + 31 * $place, $taken);
            for ($i = 1; $i < $wanted->count; ++$i) {
                // where there are too few they take turns, the sheet's own among them
                $other = $others[$i - 1] ?? [$line, ...$others][($i + $place) % (\count($others) + 1)];
                $copies[$i][$place] = $other->write();
                $taken[$copies[$i][$place]] = true;
            }
            if (\count($others) < $wanted->count - 1) {
                $few[$place] = \count($others) + 1;
            }
        }

        return new ReadCopies(array_intersect_key($lines, $copies[1] ?? []), $copies, [], $few);
    }

    /**
     * A table is moved as a whole; whatever is asked about it moves with it.
     *
     * @param array<int, TableLine> $lines by place
     */
    private function moved(AnyTable $table, array $lines, CopiesRequest $wanted): ReadCopies
    {
        $moves = [];
        foreach ((new Dice($wanted->seed))->shuffle($table->moves()) as $by) {
            if (\count($moves) < $wanted->count - 1 && $this->asks($lines, $table, $by)) {
                $moves[] = $by;
            }
        }
        $copies = [];
        $by = [];
        for ($i = 1; $i < $wanted->count; ++$i) {
            $by[$i] = [] === $moves ? 0 : ([0, ...$moves][$i % (\count($moves) + 1)]);
            foreach ($lines as $place => $line) {
                $copies[$i][$place] = $line->later($by[$i])->write();
            }
        }
        $different = \count($moves) + 1;

        return new ReadCopies($lines, $copies, $by, $different < $wanted->count ? array_fill_keys(array_keys($lines), $different) : []);
    }

    /**
     * Whether all can still be asked: a moment near midnight may have no day any more.
     *
     * @param array<int, TableLine> $lines
     */
    private function asks(array $lines, AnyTable $table, int $by): bool
    {
        try {
            $moved = $table->later($by);
            foreach ($lines as $line) {
                $this->asking->ask($line->later($by)->write(), $moved, Writer::plain());
            }
        } catch (NoSuchQuestion) {
            return false;
        }

        return true;
    }
}
