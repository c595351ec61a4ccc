<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Numbers\Bell;
use Rostik\Core\Activity\Numbers\Strokes;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Level;

/** Eyes shut, strokes are heard, each worth so many minutes: how long is that, and how late is it now? Common practice, no source. */
final readonly class BellBuoy implements Activity
{
    private const ROUNDS = 8;

    /** Seconds from stroke to stroke: slow enough to count along. */
    private const DISTANCE = 1.2;

    public static function precedence(): int
    {
        return 150;
    }

    public function intro(): Intro
    {
        return new Intro(
            'bell-buoy',
            'Bell buoy',
            'Hearing lengths of time as equal steps, and moving a time on by them.',
            ['unit-facts', 'later-within-hour', 'later-across-hour', 'across-noon'],
            Sort::WarmUp,
            Sizes::together(),
            [AtHand::Board, AtHand::Sound],
            [new Option('worth', 'Each stroke', ['5' => 'is 5 minutes', '10' => 'is 10 minutes', '15' => 'is 15 minutes'], ['core' => '10', 'stretch' => '15'])],
            [Cautions::LOUD],
            'rounds',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $worth = (int) $wanted->option('worth');
        $dice = $wanted->dice('strokes');
        $most = min(12, intdiv(Level::Support === $wanted->level ? 60 : 120, $worth));
        $rounds = [];
        $before = 0;
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            do {
                $count = $dice->number(2, $most);
            } while ($count === $before);
            $before = $count;
            $length = $count * $worth;
            // every second one asks how late it is
            if (Level::Support === $wanted->level || 0 === $i % 2) {
                $rounds[] = new Strokes($count, $wanted->saying->span($length));
                continue;
            }
            $step = Level::Stretch === $wanted->level ? 1 : 5;
            // one of them passes noon
            $from = 1 === $i ? $dice->number(intdiv(720 - $length, $step) * $step + $step, 720 - $step, $step) : $dice->number(420, 1200 - $length, $step);
            $rounds[] = new Strokes($count, $wanted->saying->span($length), $wanted->saying->time($from), $wanted->saying->time($from + $length));
        }
        $strokes = array_sum(array_map(static fn (Strokes $one): int => $one->count, $rounds));

        return new Made(
            new Bell($wanted->saying->span($worth), self::DISTANCE, $rounds),
            static fn (): Turns => Turns::fixed(self::ROUNDS),
            round(20 + self::DISTANCE * $strokes / self::ROUNDS, 1),
            1.5,
            [],
            [
                'Shut your eyes and listen to the bell buoy.',
                \sprintf('Each stroke is %s. Count along without a sound.', $wanted->saying->span($worth)->text),
                'How long was that? Show it with your fingers, in fives or in tens, before anybody says it.',
                ...(Level::Support === $wanted->level ? [] : ['Sometimes a time is said first: how late is it after the last stroke?']),
            ],
            ['stroke', 'minutes later', 'altogether'],
        );
    }
}
