<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A page of a calendar: one month, a week in each row. */
final readonly class MonthPage
{
    /**
     * @param string           $title   "March 2027"
     * @param list<string>     $heads   short names of the days of the week, as the class's week begins
     * @param list<int>        $weekend columns of the weekend, from 0
     * @param list<list<?int>> $weeks   days of the month; null outside it
     * @param list<MonthMark>  $marks
     * @param ?int             $column  that is looked at, from 0
     */
    public function __construct(public string $title, public array $heads, public array $weekend, public array $weeks, public array $marks, public ?int $column = null)
    {
    }

    public function unmarked(): self
    {
        return new self($this->title, $this->heads, $this->weekend, $this->weeks, []);
    }
}
