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

/** What takes about a minute, and what about an hour. Common practice, no source; the lengths are estimates of our own. */
final readonly class SortLengths implements Activity
{
    private const EACH = 5;

    private const MINUTE = ['Tying a bowline, slowly', 'Reading the tide board aloud', 'Ringing the harbour bell ten times', 'Filling a bucket at the tap', 'Climbing the lighthouse stairs', 'Lacing up two boots', 'Counting the boats at the quay', 'Coiling a long rope'];

    private const HOUR = ['Counting every seal on the sandbank', 'Walking over the causeway and back', 'Sanding one side of the dinghy', 'The rock-pool survey', 'The Pintail to Fell Harbour and back', 'Painting the boat-shed door', 'Cooking soup for the whole school', 'Mending a torn net'];

    /** About as far from a minute as from an hour: eight minutes, since 1 to 8 is as 8 to 64. */
    private const BETWEEN = ['Rowing across the harbour', 'Hanging the kelp on one rack', 'Walking from school to the quay'];

    /** Pairs of a number that is about a minute in seconds, and about an hour in minutes. */
    private const NUMBERS = [40, 45, 50, 55, 60, 65, 70, 75, 80, 90];

    /** Numbers and distances whose product is about sixty. */
    private const PRODUCTS = [[20, 3], [12, 5], [15, 4], [6, 10], [30, 2], [13, 5], [11, 5], [14, 4], [16, 4], [9, 7]];

    public static function precedence(): int
    {
        return 100;
    }

    public function intro(): Intro
    {
        return new Intro(
            'sort-lengths',
            'About a minute, about an hour',
            'A feel for units: sixty seconds here, sixty minutes there.',
            ['sensible-unit', 'unit-facts', 'compare-lengths'],
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
        $minute = $dice->shuffle(self::MINUTE);
        $hour = $dice->shuffle(self::HOUR);
        $numbers = $dice->shuffle(self::NUMBERS);
        $products = $dice->shuffle(self::PRODUCTS);
        $cards = [];
        for ($i = 0; $i < self::EACH; ++$i) {
            [$strokes, $apart] = $products[$i];
            $number = match ($wanted->level) {
                Level::Support => null,
                Level::Core => $numbers[$i],
                Level::Stretch => $strokes * $apart,
            };
            // the two of a pair have the same number, so that the unit alone decides
            [$short, $long] = match ($wanted->level) {
                Level::Support => [$minute[$i], $hour[$i]],
                Level::Core => [$minute[$i].': '.$numbers[$i].' seconds', $hour[$i].': '.$numbers[$i].' minutes'],
                Level::Stretch => [\sprintf('%d waves, %d seconds apart', $strokes, $apart), \sprintf('%d boats, %d minutes apart', $strokes, $apart)],
            };
            $cards[] = new SortCard($short, 'minute', '', [], null === $number ? null : round($number / 60, 2));
            $cards[] = new SortCard($long, 'hour', '', [], $number);
        }
        $between = $dice->pick(self::BETWEEN);
        $cards[] = new SortCard(Level::Support === $wanted->level ? $between : $between.': 8 minutes', '', 'Eight minutes is eight times a minute, and an hour is about eight times that: it is as far from the one as from the other.', [], Level::Support === $wanted->level ? null : 8);

        return new Made(
            new Sorting([new SortField('minute', 'about a minute'), new SortField('hour', 'about an hour')], $dice->shuffle($cards)),
            static fn (): Turns => Turns::fixed(\count($cards)),
            Level::Stretch === $wanted->level ? 22.0 : 15.0,
            2.5 + CuttingOut::minutes($wanted, \count($cards)),
            [new Material('sheets with cards', 2 * $wanted->groupCount()), ...CuttingOut::materials($wanted, \count($cards))],
            [
                ...CuttingOut::steps($wanted),
                'Take a card in turn and read it aloud.',
                'Does it take about a minute, or about an hour? Put it there, and say how you know.',
                'One card belongs to neither. Find it, and say why.',
                'Then put the cards of each field in order, the shortest first.',
            ],
            ['about', 'a minute', 'an hour', 'longer', 'shorter'],
        );
    }
}
