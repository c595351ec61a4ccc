<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;
use Rostik\Core\Notation\Marked;

/** What happens on a day, in mixed order. */
final readonly class DayOrder implements Numbers
{
    public const TYPE = 'day-order';

    public string $type;

    /**
     * @param list<DayCard> $cards     as they are given
     * @param list<string>  $sentences marked: with these alone one order fits
     * @param list<int>     $order     positions of the cards, first to last
     */
    public function __construct(public string $title, public array $cards, public array $sentences, public array $order)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return [
            'day' => $this->title,
            'cards' => array_map(static fn (DayCard $card): array => ['what' => $card->what, 'when' => $card->when->digits()], $this->cards),
            'sentences' => array_map(Marked::plain(...), $this->sentences),
            'order' => $this->order,
        ];
    }
}
