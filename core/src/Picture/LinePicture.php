<?php

declare(strict_types=1);

namespace Rostik\Core\Picture;

/** A number line with points below it and jumps above it. Places are counted in small ticks from some zero. */
final readonly class LinePicture implements Picture
{
    public const TYPE = 'line';

    public string $type;

    /**
     * @param int             $from   left end of the line
     * @param int             $to     right end of the line
     * @param int             $per    small ticks in a big one: 60 for minutes in an hour
     * @param list<LinePoint> $points from left to right as far as they are known
     * @param list<LineJump>  $jumps  in the order in which they are made
     */
    public function __construct(
        public int $from,
        public int $to,
        public int $per,
        public array $points,
        public array $jumps,
    ) {
        $this->type = self::TYPE;
    }

    public function withholding(\Closure $mark): self
    {
        return new self(
            $this->from,
            $this->to,
            $this->per,
            $this->points,
            array_map(static fn (LineJump $jump): LineJump => new LineJump($jump->from, $jump->to, $mark($jump->label), $jump->mark), $this->jumps),
        );
    }
}
