<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** One step of reading a timetable: what a teacher would say, and where to look. */
final readonly class TableStep
{
    /**
     * @param string     $say  marked text
     * @param list<Cell> $lit  where one looks in this step
     * @param list<Cell> $used times that have been found so far
     */
    public function __construct(public string $say, public array $lit, public array $used = [])
    {
    }
}
