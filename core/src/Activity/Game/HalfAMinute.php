<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Cautions;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Numbers\Estimate;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;

/** A length of time is felt: one shuts its eyes, hops, writes or balances, and stops when it feels like half a minute. Common practice, no source. */
final readonly class HalfAMinute implements Activity
{
    private const TRIES = 3;

    /** Beside the time itself: getting ready, saying and writing down. */
    private const BETWEEN = 20;

    private const DOING = [
        'still' => 'with eyes shut, without a word',
        'write' => 'writing the alphabet over and over',
        'hop' => 'hopping on one leg',
        'balance' => 'balancing a book on the flat hand',
    ];

    public static function precedence(): int
    {
        return 120;
    }

    public function intro(): Intro
    {
        return new Intro(
            'half-a-minute',
            'Half a minute',
            'A feel for how long half a minute, a minute, three minutes are.',
            ['unit-facts', 'sensible-unit'],
            Sort::Feel,
            Sizes::groups(2, 4, 2),
            [AtHand::Stopwatch, AtHand::Space],
            [
                new Option('target', 'How long', ['30' => 'half a minute', '10' => '10 seconds', '20' => '20 seconds', '45' => '45 seconds', '60' => 'a minute', '90' => 'a minute and a half', '120' => '2 minutes', '180' => '3 minutes'], ['stretch' => '60']),
                new Option('doing', 'Meanwhile', ['still' => 'eyes shut', 'write' => 'writing', 'hop' => 'hopping', 'balance' => 'balancing']),
                new Option('exactly', 'Counts as exactly', ['1' => 'within 1 second', '0.5' => 'within half a second', '2' => 'within 2 seconds', '3' => 'within 3 seconds', '5' => 'within 5 seconds'], ['support' => '2']),
            ],
            [Cautions::SPACE, Cautions::NOT_RANKED, Cautions::SCHOOL],
            'tries',
        );
    }

    public function make(Wanted $wanted): Made
    {
        $target = (int) $wanted->option('target');
        $doing = self::DOING[$wanted->option('doing')] ?? self::DOING['still'];

        return new Made(
            new Estimate($target, (float) $wanted->option('exactly'), self::TRIES, $doing),
            static fn (): Turns => Turns::fixed(self::TRIES * $wanted->largest()),
            $target + self::BETWEEN,
            3.0,
            [new Material('stopwatches or tablets', $wanted->groupCount()), new Material('tally sheets', $wanted->groupCount())],
            [
                'One feels, the other has the watch and does not show it.',
                \sprintf('“Go!” From now on, %s, until it feels like %s. Then: “Stop!”', $doing, self::length($target)),
                'Read the watch to a tenth of a second. Was it under, exactly, or over? Make a mark.',
                \sprintf('%d tries each, then change. Do you come nearer?', self::TRIES),
            ],
            ['seconds', 'under', 'exactly', 'over', 'nearer'],
        );
    }

    private static function length(int $seconds): string
    {
        return [30 => 'half a minute', 60 => 'a minute', 90 => 'a minute and a half', 120 => '2 minutes', 180 => '3 minutes'][$seconds] ?? $seconds.' seconds';
    }
}
