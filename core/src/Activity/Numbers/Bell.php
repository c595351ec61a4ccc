<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;
use Rostik\Core\Activity\Span;

/** The bell buoy. */
final readonly class Bell implements Numbers
{
    public const TYPE = 'bell';

    public string $type;

    /**
     * @param Span          $worth    of one stroke
     * @param float         $distance from one stroke to the next, in seconds
     * @param list<Strokes> $rounds
     */
    public function __construct(public Span $worth, public float $distance, public array $rounds)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['worth' => $this->worth->minutes, 'distance' => $this->distance, 'rounds' => array_map(static fn (Strokes $one): array => [
            'strokes' => $one->count,
            'length' => $one->length->minutes,
            'from' => $one->from?->digits(),
            'until' => $one->until?->digits(),
        ], $this->rounds)];
    }
}
