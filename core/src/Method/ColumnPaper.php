<?php

declare(strict_types=1);

namespace Rostik\Core\Method;

use Rostik\Core\Notation\Changed;
use Rostik\Core\Notation\Marked;
use Rostik\Core\Picture\ColumnCell;
use Rostik\Core\Picture\ColumnHead;
use Rostik\Core\Picture\ColumnRow;
use Rostik\Core\Picture\ColumnsPicture;
use Rostik\Core\Sum\Answer;
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

    /** @var list<ColumnHead> */
    private array $heads = [];

    /** @var list<ColumnRow> */
    private array $rows = [];

    /** @var list<string> by column */
    private array $carry = [];

    /** @var list<string> by column */
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
        array $given,
        private readonly string $sign,
        private readonly bool $clock,
    ) {
        $this->numbers = $given;
        $widest = [];
        foreach ($given as $row) {
            $cells = [];
            foreach ($row as $c => $number) {
                $digits = $this->written($c, $number);
                $cells[] = new ColumnCell($digits);
                $widest[$c] = max($widest[$c] ?? 2, \strlen($digits));
            }
            $this->rows[] = new ColumnRow($cells);
        }
        foreach ($units as $c => $unit) {
            $this->heads[] = new ColumnHead($unit->after(2), $unit->words(), Marked::letter($unit), $widest[$c] ?? 2);
            $this->carry[] = '';
            $this->answer[] = '';
        }
    }

    /** Strikes a number out and writes another above it. */
    public function exchange(int $row, int $column, int $number): void
    {
        $this->numbers[$row][$column] = $number;
        $digits = (string) $number;
        $this->put($row, $column, new ColumnCell($this->rows[$row]->cells[$column]->digits, $digits));
        $this->makeRoom($column, \strlen($digits));
    }

    /**
     * Writes above the digits of a number what they are once a ten was exchanged within it.
     *
     * @param list<string> $within by digit, '' where it stays
     */
    public function exchangeWithin(int $row, int $column, array $within): void
    {
        $cell = $this->rows[$row]->cells[$column];
        $this->put($row, $column, new ColumnCell($cell->digits, $cell->instead, $within));
    }

    private function put(int $row, int $column, ColumnCell $cell): void
    {
        $cells = array_replace($this->rows[$row]->cells, [$column => $cell]);
        $this->rows = array_values(array_replace($this->rows, [$row => new ColumnRow(array_values($cells))]));
    }

    public function carry(int $column, int $number): void
    {
        $this->carry = $this->with($this->carry, $column, (string) $number);
    }

    public function answer(int $column, int $number): void
    {
        $digits = $this->written($column, $number);
        $this->answer = $this->with($this->answer, $column, $digits);
        $this->makeRoom($column, \strlen($digits));
    }

    public function rough(string $line): void
    {
        $this->rough[] = $line;
    }

    public function after(string $marked): void
    {
        $this->after = $marked;
    }

    /** Keeps what now stands on the paper as a step, with what is said to it. */
    public function say(string $marked, int $active = -1, ?Changed $changed = null): void
    {
        $this->steps[] = new Step($marked, new ColumnsPicture($this->heads, $this->rows, $this->sign, $this->carry, $this->answer, $this->rough, $active, $this->after), $changed);
    }

    /** What is worked on it so far, as a working. */
    public function working(Method $method, Answer $answer): Working
    {
        return new Working($method, [] === $this->steps ? throw new \LogicException('A working has at least one step.') : $this->steps, $answer);
    }

    /**
     * @param list<string> $texts
     *
     * @return list<string>
     */
    private function with(array $texts, int $column, string $text): array
    {
        $texts[$column] = $text;

        return array_values($texts);
    }

    private function makeRoom(int $column, int $digits): void
    {
        $head = $this->heads[$column];
        if ($digits > $head->squares) {
            $this->heads = array_values(array_replace($this->heads, [$column => new ColumnHead($head->unit, $head->words, $head->mark, $digits)]));
        }
    }

    /** The number as written in a column: minutes of a clock with two digits. */
    public function written(int $column, int $number): string
    {
        return $this->clock && Unit::Minute === $this->units[$column] ? ($number < 10 ? '0'.$number : (string) $number) : (string) $number;
    }
}
