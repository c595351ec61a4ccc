<?php

declare(strict_types=1);

namespace Rostik\Core\Timetable;

/** What happens on a day, row by row, in order. */
final readonly class ActivityTable
{
    /** @param non-empty-list<ActivityRow> $rows none begins before the one before it has ended */
    private function __construct(public string $title, public array $rows)
    {
    }

    /**
     * @param list<ActivityRow> $rows
     *
     * @throws \InvalidArgumentException when there are none, or two at a time
     */
    public static function of(string $title, array $rows): self
    {
        if ([] === $rows) {
            throw new \InvalidArgumentException('An activity table has a row.');
        }
        foreach ($rows as $i => $row) {
            if ($i > 0 && $row->start < $rows[$i - 1]->end()) {
                throw new \InvalidArgumentException(\sprintf('"%s" begins before "%s" has ended.', $row->what, $rows[$i - 1]->what));
            }
        }

        return new self($title, $rows);
    }
}
