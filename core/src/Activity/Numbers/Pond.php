<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;
use Rostik\Core\Activity\Span;

/** A pond of stones with lengths. */
final readonly class Pond implements Numbers
{
    public const TYPE = 'pond';

    public string $type;

    /**
     * @param list<Span>        $stones
     * @param list<PairSum>     $pairs    of every two, a stone with itself among them: positions in the list, the smaller first
     * @param float             $regroups of two throws that many have a sum that regroups, 0 to 1
     * @param list<list<float>> $places   of each stone in the pond: across and down, 0 to 1
     */
    public function __construct(public array $stones, public array $pairs, public float $regroups, public array $places)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return [
            'stones' => array_map(static fn (Span $one): int => $one->minutes, $this->stones),
            'pairs' => array_map(fn (PairSum $one): array => ['a' => $this->stones[$one->first]->minutes, 'b' => $this->stones[$one->second]->minutes, 'sum' => $one->sum->minutes, 'regroups' => $one->regroups], $this->pairs),
            'regroups' => $this->regroups,
        ];
    }
}
