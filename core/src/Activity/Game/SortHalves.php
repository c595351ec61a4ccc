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
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** What happens in a day, into a.m., p.m. or both. Common practice, no source; the island is made up. */
final readonly class SortHalves implements Activity
{
    private const EACH = 4;

    /** What can happen before noon and after it. */
    private const THINGS = ['Seal count on the sandbank', 'Rock-pool survey', 'Meeting the Pintail at the quay', 'Turning the kelp on the racks', 'Mending nets in the boat shed', 'Map reading on the dunes', 'Lifeboat drill', 'Writing the tide board', 'Knots and splices', 'Story by the stove', 'Rowing across the harbour', 'Soup for the whole school', 'Sanding the dinghy', 'Counting the quay lamps'];

    public static function precedence(): int
    {
        return 110;
    }

    public function intro(): Intro
    {
        return new Intro(
            'sort-halves',
            'Before noon, after noon',
            'Telling a.m. from p.m., and seeing what passes 12 noon.',
            ['am-pm', 'across-noon', 'twenty-four-hour', 'order-times'],
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
        $things = $dice->shuffle(self::THINGS);
        $cards = [];
        foreach (['am', 'pm', 'both'] as $field) {
            for ($i = 0; $i < self::EACH; ++$i) {
                $cards[] = $this->card($wanted, $field, (string) array_pop($things), $dice);
            }
        }
        $style = $wanted->saying->style;
        [$am, $pm] = $style->always24 ? ['before noon', 'after noon'] : [$style->signs('a.m.'), $style->signs('p.m.')];
        $noon = $wanted->saying->time(720);
        $midnight = $wanted->saying->time(0);
        $cards[] = new SortCard('The midday bell, '.$noon->words, '', 'Noon itself is neither before noon nor after it.', times: [$noon]);
        if (Level::Support !== $wanted->level) {
            $cards[] = new SortCard('The lamp is checked, '.$midnight->words, '', 'Midnight ends one day and begins the next. The minute after it is before noon.', times: [$midnight]);
        }

        return new Made(
            new Sorting([new SortField('am', $am), new SortField('pm', $pm), new SortField('both', 'both')], $dice->shuffle($cards)),
            static fn (): Turns => Turns::fixed(\count($cards)),
            Level::Support === $wanted->level ? 15.0 : 22.0,
            2.5 + CuttingOut::minutes($wanted, \count($cards)),
            [new Material('sheets with cards', 2 * $wanted->groupCount()), ...CuttingOut::materials($wanted, \count($cards))],
            [
                ...CuttingOut::steps($wanted),
                'Take a card in turn and read it aloud.',
                'Put it into its field, and say why: is it before noon, after noon, or does it pass noon and lie in both?',
                'Is there one that has no field of its own? Find it, and talk about where they could go.',
            ],
            [$am, $pm, 'noon', 'midnight', 'both'],
        );
    }

    private function card(Wanted $wanted, string $field, string $thing, Dice $dice): SortCard
    {
        $saying = $wanted->saying;
        $step = $wanted->level->step();
        $length = $dice->number(25, Level::Support === $wanted->level ? 50 : 110, $step);
        [$least, $most] = match ($field) {
            'am' => [420, 715 - $length],
            'pm' => [725, 1260 - $length],
            default => [720 - $length + 5, 715],
        };
        $least = (int) ceil($least / $step) * $step;
        $from = $saying->time($dice->number($least, $most, $step));
        $until = $saying->time($from->minutes + $length);
        if (Level::Stretch === $wanted->level && ('both' === $field || $dice->toss())) {
            // the end is to be found first
            return new SortCard(\sprintf('%s: begins at %s, takes %s', $thing, 'both' === $field || 'am' === $field ? $from->text : $saying->by24($from->minutes)->text, $saying->span($length)->text), $field, '', [], $length, [$from, $until]);
        }
        if ('both' === $field) {
            return new SortCard(\sprintf('%s, from %s until %s', $thing, Level::Support === $wanted->level ? $from->words : $saying->by24($from->minutes)->text, Level::Support === $wanted->level ? $until->words : $saying->by24($until->minutes)->text), $field, '', [], null, [$from, $until]);
        }

        return new SortCard(\sprintf('%s, %s', $thing, Level::Support === $wanted->level ? $from->words : $saying->by24($from->minutes)->text), $field, '', [], null, [$from]);
    }
}
