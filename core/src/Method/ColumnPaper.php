<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\ColumnCell;
use Rostik\Core\Picture\ColumnHead;
use Rostik\Core\Picture\ColumnRow;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Sum\Changed;
use Rostik\Core\Time\Unit;

/**
 * The squared paper while a sum is worked on it: it remembers what is written and keeps each step as it was.
 *
 * @internal to the column method
 */
final class ColumnPaper
{
    /** @var list<Step> */
    public array $steps = [];

    /** @var array<int, array<int, int>> the numbers as they now count, by row and column */
    public array $numbers;

    /** @var array<int, array<int, string>> what is written instead of a struck number, by row and column */
    private array $instead = [];

    /** @var array<int, string> by column */
    private array $carry = [];

    /** @var array<int, string> by column */
    private array $answer = [];

    /** @var list<string> */
    private array $rough = [];

    private string $after = '';

    /**
     * @param list<Unit>      $units largest first, neighbours
     * @param list<list<int>> $given by row and column
     * @param bool            $clock whether minutes are written with two digits, as on a clock
     */
    public function __construct(
        public readonly array $units,
        private readonly array $given,
        private readonly string $sign,
        private readonly bool $clock,
    ) {
        $this->numbers = $given;
    }

    public function exchange(int $row, int $column, int $number): void
    {
        $this->numbers[$row][$column] = $number;
        $this->instead[$row][$column] = (string) $number;
    }

    public function carry(int $column, int $number): void
    {
        $this->carry[$column] = (string) $number;
    }

    public function answer(int $column, int $number): void
    {
        $this->answer[$column] = $this->written($column, $number);
    }

    public function rough(string $line): void
    {
        $this->rough[] = $line;
    }

    public function after(string $marked): void
    {
        $this->after = $marked;
    }

    public function say(string $marked, int $active = -1, ?Changed $changed = null): void
    {
        $this->steps[] = new Step($marked, $this->picture($active), $changed);
    }

    private function picture(int $active): ColumnsPicture
    {
        $heads = [];
        foreach ($this->units as $c => $unit) {
            $longest = 2;
            foreach ($this->numbers as $r => $row) {
                $longest = max($longest, \strlen($this->written($c, $this->given[$r][$c])), \strlen((string) $row[$c]));
            }
            $heads[] = new ColumnHead($unit->after(2), Marked::letter($unit), max($longest, \strlen($this->answer[$c] ?? '')));
        }
        $rows = [];
        foreach ($this->given as $r => $row) {
            $cells = [];
            foreach ($row as $c => $number) {
                $cells[] = new ColumnCell($this->written($c, $number), $this->instead[$r][$c] ?? '');
            }
            $rows[] = new ColumnRow($cells);
        }
        $columns = array_keys($this->units);

        return new ColumnsPicture(
            $heads,
            $rows,
            $this->sign,
            array_map(fn (int $c): string => $this->carry[$c] ?? '', $columns),
            array_map(fn (int $c): string => $this->answer[$c] ?? '', $columns),
            $this->rough,
            $active,
            $this->after,
        );
    }

    /** The number as written in a column: minutes of a clock with two digits. */
    public function written(int $column, int $number): string
    {
        return $this->clock && Unit::Minute === $this->units[$column] ? \sprintf('%02d', $number) : (string) $number;
    }
}
