<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** Round the circle, there and back. */
final readonly class Ring implements Numbers
{
    public const TYPE = 'ring';

    public string $type;

    /**
     * @param int        $step in minutes
     * @param list<Said> $said in order
     * @param int        $turn position in the list from which it goes back
     */
    public function __construct(public int $step, public array $said, public int $turn)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['step' => $this->step, 'turn' => $this->turn, 'said' => array_map(static fn (Said $one): array => ['child' => $one->child + 1, 'says' => $one->says->minutes], $this->said)];
    }
}
