<?php

declare(strict_types=1);

namespace Rostik\Core\Tests;

use PHPUnit\Framework\TestCase;
use Rostik\Tools\HouseRules;

/** The rooms that there are, those that the rules name, and those in docs/house.md are the same. */
final class HouseTest extends TestCase
{
    public function testEveryRoomHasItsRuleAndItsLine(): void
    {
        $root = \dirname(__DIR__, 2);
        $house = (string) file_get_contents($root.'/docs/house.md');
        foreach (['core' => HouseRules::CORE, 'app' => HouseRules::APP] as $floor => $rules) {
            $rooms = array_map(basename(...), glob($root.'/'.$floor.'/src/*', \GLOB_ONLYDIR) ?: []);
            $named = array_keys($rules);
            sort($rooms);
            sort($named);
            self::assertSame($named, $rooms, 'rooms of '.$floor.' and the rules for them');
            foreach ($rooms as $room) {
                self::assertStringContainsString('`'.$room.'`', $house, $room.' is in docs/house.md');
            }
        }
    }

    /** No room may know one that may know it. */
    public function testTheRulesAllowNoCircle(): void
    {
        foreach ([HouseRules::CORE, HouseRules::APP] as $rules) {
            $standing = [];
            while ([] !== $rules) {
                $next = array_keys(array_filter($rules, static fn (array $knows): bool => [] === array_diff($knows, $standing)));
                self::assertNotSame([], $next, 'these know each other in a circle: '.implode(', ', array_keys($rules)));
                array_push($standing, ...$next);
                $rules = array_diff_key($rules, array_flip($next));
            }
        }
    }
}
