<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** Adding walls: each brick is the sum of the two below it. */
final readonly class Walls implements Numbers
{
    public const TYPE = 'walls';

    public string $type;

    /** @param list<list<list<Brick>>> $walls each by rows from the bottom up, each row one brick shorter than the one below */
    public function __construct(public array $walls)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['walls' => array_map(static fn (array $wall): array => array_map(static fn (array $row): array => array_map(static fn (Brick $brick): array => ['length' => $brick->length->minutes, 'hidden' => $brick->hidden], $row), $wall), $this->walls)];
    }
}
