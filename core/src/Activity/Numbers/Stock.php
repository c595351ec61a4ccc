<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;
use Rostik\Core\Activity\Span;

/** Hour cards, minute cards, and the stock that calls for them. */
final readonly class Stock implements Numbers
{
    public const TYPE = 'stock';

    public string $type;

    /**
     * @param Span            $by      by so much each time is moved on
     * @param list<int>       $hours   on the hour cards, 1 to 12
     * @param list<int>       $minutes on the minute cards, 0 to 59
     * @param list<StockCard> $stock   in the order in which they are turned over
     * @param list<list<int>> $deal    for the board: for each player the positions of its cards, hours first and minutes behind them
     */
    public function __construct(public Span $by, public array $hours, public array $minutes, public array $stock, public array $deal)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return [
            'by' => $this->by->minutes,
            'hours' => $this->hours,
            'minutes' => $this->minutes,
            'stock' => array_map(static fn (StockCard $card): array => ['shows' => $card->shows->digits(), 'answer' => $card->answer->digits()], $this->stock),
        ];
    }
}
