<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** Written working in columns on squared paper, one digit to a square. */
final readonly class ColumnsPicture implements Picture
{
    public const TYPE = 'columns';

    public string $type;

    /**
     * @param list<ColumnHead> $heads  largest unit first
     * @param list<ColumnRow>  $rows   the numbers given, top to bottom
     * @param string           $sign   before the last row: + − ×
     * @param list<string>     $carry  by column, written small above the top row; '' where nothing is carried
     * @param list<string>     $answer by column; '' where not yet worked
     * @param list<string>     $rough  sums done at the side, one line each
     * @param int              $active the column being worked, counted from 0; -1 for none
     * @param string           $after  a last line under the answer, marked: "18:15 is 6:15 p.m."
     */
    public function __construct(
        public array $heads,
        public array $rows,
        public string $sign,
        public array $carry,
        public array $answer,
        public array $rough,
        public int $active,
        public string $after,
    ) {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        return new self($this->heads, $this->rows, $this->sign, $this->carry, $this->answer, $this->rough, $this->active, $mark($this->after, true));
    }
}
