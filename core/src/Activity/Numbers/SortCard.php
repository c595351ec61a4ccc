<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Numbers;

use Rostik\Core\Activity\Moment;

/** A card to be sorted. */
final readonly class SortCard
{
    /**
     * @param string       $text    marked; nothing where faces alone are shown
     * @param list<Moment> $faces   the clock faces on it
     * @param string       $field   id of the field in which it belongs; nothing where it belongs in none, and is talked about
     * @param string       $discuss what there is to talk about; nothing where it is clear
     * @param ?float       $minutes the length that it is about, where there is one
     * @param list<Moment> $times   that it is about, beside those on faces
     */
    public function __construct(public string $text, public string $field, public string $discuss = '', public array $faces = [], public ?float $minutes = null, public array $times = [])
    {
    }
}
