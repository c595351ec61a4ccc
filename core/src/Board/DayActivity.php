<?php

declare(strict_types=1);

namespace Rostik\Core\Board;

use Rostik\Core\Time\HalfOfDay;

/**
 * Something that happens on a day of Ombrel Island (invented), to be sorted into a.m. and p.m. or pinned on the day. Some
 * honestly fit both halves, and that is what is worth talking about.
 */
final readonly class DayActivity
{
    /**
     * @param list<HalfOfDay> $fits one half, or both
     * @param string          $say  what to talk about
     */
    private function __construct(public string $name, public array $fits, public string $say)
    {
    }

    /** @return list<self> in no particular order of the day */
    public static function all(): array
    {
        $am = [HalfOfDay::Am];
        $pm = [HalfOfDay::Pm];
        $both = [HalfOfDay::Am, HalfOfDay::Pm];

        return [
            new self('The lighthouse lamp is lit', $pm, 'It is lit at dusk, and dusk is in the evening.'),
            new self('The lighthouse lamp is put out', $am, 'It burns all night and is put out at dawn.'),
            new self('The first ferry of the day leaves', $am, 'The first one goes in the early morning.'),
            new self('The tide covers the causeway', $both, 'There are two tides a day, about twelve and a half hours apart: one may be before noon and one after.'),
            new self('Going to sleep', $pm, 'Most of us fall asleep before midnight. Somebody on night watch may not.'),
            new self('Counting the seals', $both, 'At low water, whenever that is.'),
            new self('The Saturday quay market opens', $am, 'It opens in the morning and goes on past noon.'),
            new self('The last ferry of the day comes in', $pm, 'It comes in the evening.'),
            new self('Boat-shed workshop after school', $pm, 'School ends after noon.'),
            new self('The sun is highest', $both, 'That is close to noon, just before or just after. Never look at the sun to tell the time.'),
            new self('It is dark outside', $both, 'Night begins before midnight and ends after it.'),
            new self('Getting up', $am, 'In the morning. Somebody who works at night may get up in the afternoon.'),
        ];
    }
}
