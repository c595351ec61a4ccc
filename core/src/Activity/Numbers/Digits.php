<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** Sums in columns with boxes for some digits. */
final readonly class Digits implements Numbers
{
    public const TYPE = 'digits';

    public string $type;

    /** @param list<DigitSum> $sums */
    public function __construct(public array $sums)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['sums' => array_map(static fn (DigitSum $sum): array => [
            'sign' => $sum->sign,
            'rows' => array_map(static fn (DigitRow $row): array => ['minutes' => 60 * $row->hours + $row->minutes, 'shown' => $row->shown()], $sum->rows),
        ], $this->sums)];
    }
}
