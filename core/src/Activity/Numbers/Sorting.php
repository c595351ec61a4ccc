<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers;
use Rostik\Core\Notation\Marked;

/** Cards, and the fields into which they are sorted. */
final readonly class Sorting implements Numbers
{
    public const TYPE = 'sorting';

    public string $type;

    /**
     * @param list<SortField> $fields
     * @param list<SortCard>  $cards  in the order in which they are taken up
     */
    public function __construct(public array $fields, public array $cards)
    {
        $this->type = self::TYPE;
    }

    public function plain(): array
    {
        $digits = static fn (Moment $one): string => $one->digits();

        return ['fields' => array_map(static fn (SortField $one): string => $one->id, $this->fields), 'cards' => array_map(static fn (SortCard $card): array => array_filter([
            'text' => Marked::plain($card->text),
            'faces' => array_map($digits, $card->faces),
            'times' => array_map($digits, $card->times),
            'minutes' => $card->minutes,
        ], static fn (mixed $one): bool => !\in_array($one, ['', [], null], true)) + ['field' => $card->field, 'discuss' => '' !== $card->discuss], $this->cards)];
    }
}
