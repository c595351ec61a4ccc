<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A table of two rows, a larger unit over a smaller one, growing from 1 upwards. */
final readonly class TablePicture implements Picture
{
    public const TYPE = 'table';

    public string $type;

    /**
     * @param string            $larger  unit of the upper row, marked
     * @param string            $smaller unit of the lower row, marked
     * @param string            $rule    from the upper row to the lower: "× 60"
     * @param list<TableColumn> $columns
     * @param string            $below   what follows from the table, marked; may be empty
     */
    public function __construct(
        public string $larger,
        public string $smaller,
        public string $rule,
        public array $columns,
        public string $below,
    ) {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        $withheld = static fn (int $number): bool => $mark((string) $number) !== (string) $number;

        return new self(
            $this->larger,
            $this->smaller,
            $this->rule,
            array_map(static fn (TableColumn $column): TableColumn => $column->found ? $column->withholding($withheld($column->larger), $withheld($column->smaller)) : $column, $this->columns),
            $mark($this->below, true),
        );
    }
}
