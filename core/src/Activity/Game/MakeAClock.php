<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\ClockParts;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Level;

/** A clock is made: the face numbered, the minutes marked, fives in two colours, hands with a paper fastener. Common practice, no source. */
final readonly class MakeAClock implements Activity
{
    public static function precedence(): int
    {
        return 20;
    }

    public function intro(): Intro
    {
        return new Intro(
            'make-a-clock',
            'Make a clock',
            'Knowing the face from having made it: twelve hours, sixty minutes, fives between.',
            ['read-clock-five', 'read-clock-minute', 'set-clock', 'unit-facts'],
            Sort::Making,
            Sizes::groups(1, 6, 1),
            [AtHand::Printer, AtHand::Scissors, AtHand::Fasteners, AtHand::Card],
            [new Option('size', 'The face', ['160' => '16 cm across', '120' => '12 cm across'])],
            [Cautions::CUTTING, Cautions::SCHOOL],
            'steps',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $size = (int) $wanted->option('size');
        $printed = match ($wanted->level) {
            Level::Support => [3, 6, 9, 12],
            Level::Core => [12],
            Level::Stretch => [],
        };
        $order = array_values(array_diff([12, 6, 3, 9, 1, 2, 4, 5, 7, 8, 10, 11], $printed));
        $marks = Level::Stretch !== $wanted->level;
        $steps = [
            'Cut out the face and the two hands.',
            \sprintf('Write the hours: %s. Opposite numbers differ by 6.', self::list($order)),
            $marks ? 'Count the marks between two hours: how many minutes are that?' : 'Mark the minutes: five from each hour to the next, sixty in all.',
            'Colour the fives in two colours by turns, from 12 to 1, from 1 to 2, and so round.',
            'Write the minutes outside: 5, 10, 15 … up to 60.',
            'Colour the hour hand in the one colour of hours, the minute hand in that of minutes.',
            'Put the hands on with the fastener, the hour hand on top.',
            'Try it out: set 3 o’clock, half past 3, quarter to 4. Where does the hour hand stand each time?',
        ];

        return new Made(
            new ClockParts($size, (int) round(0.25 * $size), (int) round(0.4 * $size), 4, $printed, $marks, $order),
            static fn (): Turns => Turns::fixed(\count($steps)),
            Level::Stretch === $wanted->level ? 210.0 : 180.0,
            5.0,
            [
                new Material('sheets of thin card with face and hands', $wanted->children),
                new Material('paper fasteners', $wanted->children),
                new Material('pairs of scissors', (int) ceil($wanted->children / 2)),
                new Material('coloured pencils, two colours', 2 * $wanted->children),
            ],
            $steps,
            ['face', 'hour hand', 'minute hand', 'mark', 'fives'],
        );
    }

    /** @param list<int> $numbers */
    private static function list(array $numbers): string
    {
        return 1 === \count($numbers) ? (string) $numbers[0] : 'first '.implode(', ', \array_slice($numbers, 0, 4)).', then the others';
    }
}
