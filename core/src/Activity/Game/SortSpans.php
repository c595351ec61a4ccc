<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\CuttingOut;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\SortCard;
use Rostik\Core\Activity\Numbers\SortField;
use Rostik\Core\Activity\Numbers\Sorting;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Level;

/** Two clock faces: less than, exactly, or more than an hour apart? Common practice, no source. */
final readonly class SortSpans implements Activity
{
    private const EACH = 4;

    public static function precedence(): int
    {
        return 90;
    }

    public function intro(): Intro
    {
        return new Intro(
            'sort-spans',
            'An hour apart?',
            'Finding how long it is from face to face, round the hour and past 12.',
            ['read-clock-five', 'read-clock-minute', 'how-long-within-hour', 'how-long-across-hours', 'compare-lengths'],
            Sort::Sorting,
            Sizes::groups(2, 6, 3),
            [AtHand::Board, AtHand::Printer, AtHand::Scissors],
            [CuttingOut::option()],
            [Cautions::CUTTING],
            'cards',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $dice = $wanted->dice('cards');
        $saying = $wanted->saying;
        // each as far below an hour as another is above it
        $off = match ($wanted->level) {
            Level::Support => $dice->shuffle([10, 15, 20, 30]),
            Level::Core => $dice->shuffle([5, 7, 10, 13, 15, 20]),
            Level::Stretch => $dice->shuffle([1, 2, 3, 5, 8, 11]),
        };
        $lengths = [];
        for ($i = 0; $i < self::EACH; ++$i) {
            array_push($lengths, [60 - $off[$i], 'less'], [60, 'exactly'], [60 + $off[$i], 'more']);
        }
        $step = $wanted->level->step();
        $cards = [];
        $taken = [];
        foreach ($lengths as $i => [$length, $field]) {
            do {
                // at support it passes one o'clock at the most, and not 12; elsewhere some pass 12
                $hour = $dice->number(1, Level::Support === $wanted->level ? 10 : 12);
                $minute = $dice->number(0, Level::Support === $wanted->level ? min(55, 115 - $length) : 59, $step);
                $from = (60 * $hour + $minute) % 720;
            } while (isset($taken[$from]));
            $taken[$from] = true;
            $cards[] = new SortCard('', $field, 2 === $i % 6 ? 'From the second face to the first, going on round the clock, it is much more than an hour: what is meant has to be said.' : '', [$saying->face($from), $saying->face($from + $length)], $length);
        }

        return new Made(
            new Sorting([new SortField('less', 'less than an hour'), new SortField('exactly', 'exactly an hour'), new SortField('more', 'more than an hour')], $dice->shuffle($cards)),
            static fn (): Turns => Turns::fixed(\count($cards)),
            match ($wanted->level) {
                Level::Support => 20.0,
                Level::Core => 26.0,
                Level::Stretch => 32.0,
            },
            2.5 + CuttingOut::minutes($wanted, \count($cards)),
            [new Material('sheets with cards', 2 * $wanted->groupCount()), ...CuttingOut::materials($wanted, \count($cards))],
            [
                ...CuttingOut::steps($wanted),
                'Take a card in turn. The left clock is the earlier one.',
                'Read both clocks aloud. Is it less than an hour from one to the other, exactly an hour, or more?',
                'Put the card there. The others look whether they agree before the next one is taken.',
            ],
            ['less than', 'exactly', 'more than', 'an hour later'],
        );
    }
}
