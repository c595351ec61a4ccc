<?php

declare(strict_types=1);

namespace Rostik\Core\Activity\Game;

use Rostik\Core\Activity\Activity;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\Borrows;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\Made;
use Rostik\Core\Activity\Material;
use Rostik\Core\Activity\Moment;
use Rostik\Core\Activity\Numbers\Lighthouse;
use Rostik\Core\Activity\Option;
use Rostik\Core\Activity\Sizes;
use Rostik\Core\Activity\Sort;
use Rostik\Core\Activity\Turns;
use Rostik\Core\Activity\Wanted;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/**
 * Dice round a ring of digital times; the face in the middle that shows the same is shaded. Each face is met by two places of
 * the ring. Common practice, no source.
 */
final readonly class LighthouseRing implements Activity
{
    private const SIDES = 6;
    private const ROLLS = 600;
    private const NEVER = 1e-7;
    private const MOST_TURNS = 5000;

    public static function precedence(): int
    {
        return 50;
    }

    public function intro(): Intro
    {
        return new Intro(
            'lighthouse-ring',
            'Lighthouse ring',
            'Reading digital times and finding the clock face that shows the same.',
            ['read-clock-five', 'read-clock-minute', 'am-pm', 'twenty-four-hour'],
            Sort::Game,
            Sizes::groups(1, 6, 3),
            [AtHand::Printer, AtHand::Dice, AtHand::Counters],
            [
                new Option('rule', 'Played', ['together' => 'with one counter, together', 'each' => 'with a counter and a sheet each']),
                new Option('faces', 'Faces', ['6' => 'six', '8' => 'eight']),
            ],
            [],
            'rolls',
            borrows: Borrows::Times,
        );
    }

    public function make(Wanted $wanted): Made
    {
        $dice = $wanted->dice('ring');
        $count = (int) $wanted->option('faces');
        $faces = $this->faces($wanted, $count, $dice);
        $places = $dice->shuffle([...array_keys($faces), ...array_keys($faces)]);
        $seen = [];
        $ring = [];
        foreach ($places as $face) {
            $second = isset($seen[$face]);
            $seen[$face] = true;
            $ring[] = $this->place($wanted, $faces[$face]->minutes, $second);
        }
        $each = 'each' === $wanted->option('rule');
        $rolls = [];
        $chance = $wanted->dice('rolls');
        for ($i = 0; $i < self::ROLLS; ++$i) {
            $rolls[] = $chance->number(1, self::SIDES);
        }
        $groups = $wanted->groupCount();

        return new Made(
            new Lighthouse($ring, $faces, $places, $rolls),
            static fn (): Turns => $each ? self::alone($places, $count)->first($wanted->largest()) : self::alone($places, $count),
            Level::Support === $wanted->level ? 15.0 : 18.0,
            2.5,
            [
                new Material('sheets with the ring', $each ? $wanted->children : $groups),
                new Material('dice', $groups),
                new Material('counters', $each ? $wanted->children : $groups),
                new Material('coloured pencils', $each ? $wanted->children : $groups),
            ],
            [
                'The counter begins on any time of the ring. Roll, and move it round.',
                'Read the time on which it stops aloud, and find the face in the middle that shows it.',
                'Shade that face. Is it shaded already, the turn is over.',
                $each ? 'Who is first to have all faces shaded?' : 'Take turns with the dice, until all faces are shaded.',
            ],
            ['past', 'to', 'shows the same'],
            $wanted->facesBorrowed($count),
        );
    }

    /** @return list<Moment> no two with the same hands, nor with the hands of another exchanged */
    private function faces(Wanted $wanted, int $count, Dice $dice): array
    {
        $faces = array_map($wanted->saying->face(...), $wanted->faces($count));
        while (\count($faces) < $count) {
            $minutes = 60 * $dice->number(0, 11) + match ($wanted->level) {
                Level::Support => $dice->number(0, 55, 5),
                Level::Core => $dice->toss() ? $dice->number(0, 55, 5) : $dice->number(0, 59),
                Level::Stretch => 5 * $dice->number(0, 11) + $dice->number(1, 4),
            };
            $faces[$minutes] = $wanted->saying->face($minutes);
        }

        return array_values($faces);
    }

    /** The same face as it stands on the ring: twice alike at support, with a.m. and p.m. at core, by the 24-hour clock at stretch. */
    private function place(Wanted $wanted, int $face, bool $second): Moment
    {
        return match ($wanted->level) {
            Level::Support => $wanted->saying->face($face),
            Level::Core => $wanted->saying->time($face + ($second ? 720 : 0)),
            Level::Stretch => $wanted->saying->by24($face + ($second ? 720 : 0)),
        };
    }

    /**
     * How many rolls one counter needs until every face is shaded: an absorbing Markov chain over place and shaded faces.
     *
     * @param list<int> $meets by place: position of its face; the counter begins on the first, which is not shaded by that
     */
    public static function alone(array $meets, int $faces): Turns
    {
        $places = \count($meets);
        $full = (1 << $faces) - 1;
        // by shaded faces, and place
        $at = [0 => array_fill(0, $places, 0.0)];
        $at[0][0] = 1.0;
        $tail = [1.0];
        for ($turn = 0; $turn < self::MOST_TURNS; ++$turn) {
            $next = [];
            foreach ($at as $shaded => $row) {
                foreach ($row as $place => $likely) {
                    if ($likely < 1e-12) {
                        continue;
                    }
                    for ($roll = 1; $roll <= self::SIDES; ++$roll) {
                        $to = ($place + $roll) % $places;
                        $then = $shaded | 1 << $meets[$to];
                        if ($then !== $full) {
                            $next[$then][$to] = ($next[$then][$to] ?? 0.0) + $likely / self::SIDES;
                        }
                    }
                }
            }
            $at = $next;
            $more = array_sum(array_map(array_sum(...), $at));
            $tail[] = $more;
            if ($more < self::NEVER) {
                break;
            }
        }

        return Turns::ofTail($tail);
    }
}
