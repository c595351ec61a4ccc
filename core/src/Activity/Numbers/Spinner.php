<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers;

/** A spinner of lengths that moves hands on. */
final readonly class Spinner implements Numbers
{
    public const TYPE = 'spinner';

    public string $type;

    /** Sum of the weights. */
    public int $whole;

    /**
     * @param list<Sector> $sectors clockwise from the top
     * @param int          $unit    minutes from one place to the next
     * @param list<Moment> $places  every time at which hands can stand, from the first to the last
     * @param bool         $exactly whether the last is to be met, or may be passed
     * @param list<int>    $spins   positions of the sectors as chance has them, for the board
     */
    public function __construct(public array $sectors, public int $unit, public array $places, public bool $exactly, public array $spins)
    {
        $this->type = self::TYPE;
        $this->whole = array_sum(array_map(static fn (Sector $one): int => $one->weight, $sectors));
    }

    public function plain(): array
    {
        $from = $this->places[0];
        $last = $this->places[\count($this->places) - 1];

        return [
            'from' => $from->digits(),
            'until' => 0 === $last->minutes ? '24:00' : $last->digits(),
            'exactly' => $this->exactly,
            'spinner' => array_map(fn (Sector $one): array => ['length' => $one->length->minutes, 'chance' => $one->weight / $this->whole], $this->sectors),
        ];
    }
}
