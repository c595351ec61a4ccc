<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers;

/** Cards of nine faces each, and the calls. */
final readonly class LottoCards implements Numbers
{
    public const TYPE = 'lotto';

    public string $type;

    /**
     * @param list<Moment>    $times that can be called
     * @param list<list<int>> $cards positions in the times, nine each, row by row
     * @param list<int>       $calls positions in the times, in the order in which they are called
     * @param bool            $row   whether the first full row wins, or the full card
     */
    public function __construct(public array $times, public array $cards, public array $calls, public bool $row)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        $digits = fn (int $at): string => $this->times[$at]->digits();

        return [
            'times' => array_map(static fn (Moment $one): string => $one->digits(), $this->times),
            'cards' => array_map(static fn (array $card): array => array_map($digits, $card), $this->cards),
            'calls' => array_map($digits, $this->calls),
        ];
    }
}
