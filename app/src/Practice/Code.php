<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

/**
 * The code by which children find the practice of their class: two short words and a number, "crab lamp 47".
 *
 * 256 words, two of them that differ, and a number from 2 to 99 make 256 x 255 x 98, or 6.4 million codes. From one address
 * about 75 wrong ones are looked at in an hour, then four an hour ({@see Guessing}); of all addresses together 600 an hour. With
 * twenty classes at practice at once, somebody who tries all through a school day of eight hours finds one of them with a
 * chance of 3 in 10 000 from one address, and of 1.5 in 100 from as many addresses as he likes. Whoever has the code of one
 * class may look at 120 more in the first hour by coming in with it as often as there are seats, whatever cookies are sent.
 * He would find first names, or numbers, and nothing more.
 */
final class Code
{
    private const WORDS = 'acorn amber anchor ankle apple apron arrow badge baker balm bark barn basin basket bay beach bead beak bean bell belt bench berry birch blanket boat bolt boot bow bowl box branch bread brick bridge brook broom brush bucket bulb button cabin cable candle cap carpet cart castle cave chain chair chalk cheese cherry chest cliff cloak clock cloud clover coast coat comb cone copper coral cord corn cotton cove crab crane crate creek crow crown cup curl dawn deck desk dew dock dome door dove drum duck dune dusk eagle echo eel elbow elm fan feather fern field finch fir flag flask flint float flour flute fog fork fox frost fruit garden gate glass glove goat gold goose grape grass gull hammer harbour hat hawk hay hazel heather hedge herb heron hill honey hood hook horn hut ice ink iron island ivy jar jetty jug kelp kettle key kite knot ladder lake lamp lantern larch lark leaf lemon lily lime linen lock log loom lychee map maple marble mast meadow melon mill mint mirror mist moon moss mouse mug nest net nettle newt nut oak oar oat olive onion orange orchard otter owl paddle paint palm pan paper parcel path pea peach pear pearl pebble pen pepper piano pillow pine pipe plate plum pocket pond poppy pot puffin quay quill quilt raft rain raisin rake reed reef ribbon ring river robin rock roof root rope rose rug rush sage sail salt sand seal seed shed shell shore silk silver slate sleet snail snow spade spoon spring star';

    /** @return list<string> */
    public static function words(): array
    {
        return \array_slice(explode(' ', self::WORDS), 0, 256);
    }

    public static function draw(): string
    {
        $words = self::words();
        $first = $words[random_int(0, 255)];
        do {
            $second = $words[random_int(0, 255)];
        } while ($first === $second);

        return \sprintf('%s %s %d', $first, $second, random_int(2, 99));
    }

    /** As it is kept, however it was typed: "Crab-Lamp 47", "crablamp47". */
    public static function typed(string $typed): string
    {
        $letters = substr((string) preg_replace('/[^a-z0-9]/', '', strtolower($typed)), 0, 40);
        if (1 !== preg_match('/^([a-z]+)(\d{1,2})$/', $letters, $m)) {
            return '';
        }
        foreach (self::words() as $first) {
            $second = substr($m[1], \strlen($first));
            if (str_starts_with($m[1], $first) && \in_array($second, self::words(), true)) {
                return \sprintf('%s %s %d', $first, $second, (int) $m[2]);
            }
        }

        return '';
    }
}
