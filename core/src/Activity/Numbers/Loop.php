<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Numbers;

/** A closed chain: the last card leads to the first. */
final readonly class Loop implements Numbers
{
    public const TYPE = 'loop';

    public string $type;

    /**
     * @param list<ChainCard> $cards in the order of the chain
     * @param int             $hours 12 where faces alone are meant, 24 where a.m. and p.m. count
     */
    public function __construct(public array $cards, public int $hours)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        return ['hours' => $this->hours, 'cards' => array_map(static fn (ChainCard $card): array => ['mine' => $card->mine->digits(), 'length' => $card->later ? $card->length->minutes : -$card->length->minutes], $this->cards)];
    }
}
