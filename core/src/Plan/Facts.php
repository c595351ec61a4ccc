<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Notation\Style;

/** What is known of a class, as far as planning goes. */
final readonly class Facts
{
    /** A question takes so many seconds before anything is known of the class; common practice, no source. */
    public const SECONDS = 75.0;

    /**
     * @param array<string, Known>                                   $known   by rung; those that are not there were not seen
     * @param array<string, list<array{turns: int, seconds: float}>> $games   that the class has played, by activity
     * @param float                                                  $seconds that a question takes it on paper
     * @param array<string, float>                                   $ratios  by kind of part: what it took of what was planned
     */
    public function __construct(public int $children, public Style $style = new Style(), private array $known = [], public array $games = [], public float $seconds = self::SECONDS, private array $ratios = [])
    {
    }

    public function of(string $rung): Known
    {
        return $this->known[$rung] ?? Known::nothing($this->children);
    }

    /** How much longer or shorter than usual such a part is in this class; 1 where nothing is known. */
    public function ratio(PartKind $kind): float
    {
        return $this->ratios[$kind->value] ?? 1.0;
    }
}
