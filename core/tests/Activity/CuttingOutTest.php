<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Activity;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\AtHand;
use Rostik\Core\Activity\CuttingOut;
use Rostik\Core\Activity\Material;
use Rostik\Core\Skill\Level;
use Rostik\Core\Tests\Core;

/** Whatever has to be cut out is either ready the day before, or counted into the minutes: never neither. */
final class CuttingOutTest extends TestCase
{
    public function testItIsToHaveReadyOrCounted(): void
    {
        $activities = Core::get(Activities::class);
        $cut = 0;
        foreach ($activities->ids() as $id) {
            $intro = $activities->activity($id)->intro();
            $hasChoice = \in_array(CuttingOut::OPTION, array_column($intro->options, 'id'), true);
            if (!\in_array(AtHand::Scissors, $intro->needs, true)) {
                continue;
            }
            foreach (Level::cases() as $level) {
                foreach ([6, 24, 31] as $children) {
                    $plan = static fn (string $when): object => $activities->plan($id, $children, null, $level, 3, $hasChoice ? [CuttingOut::OPTION => $when] : [], shorter: false);
                    $before = $plan('before');
                    $ready = self::named($before->made->materials, 'to cut out the day before');
                    // a clock is cut out step by step, which are its turns
                    self::assertCount('make-a-clock' === $id ? 0 : 1, $ready, $id);
                    ++$cut;
                    if ($hasChoice) {
                        $lesson = $plan('lesson');
                        self::assertSame([], self::named($lesson->made->materials, 'to cut out the day before'), $id);
                        self::assertCount(1, self::named($lesson->made->materials, 'scissors'), $id);
                        self::assertSame('Cut out the cards.', $lesson->made->steps[0]);
                        $each = $ready[0]->count / $before->wanted->groupCount();
                        self::assertEqualsWithDelta($each * 12 / 60, $lesson->minutes->expected - $before->minutes->expected, 0.001, $id);
                    }
                }
            }
        }
        self::assertGreaterThan(60, $cut);
    }

    /**
     * @param list<Material> $materials
     *
     * @return list<Material>
     */
    private static function named(array $materials, string $part): array
    {
        return array_values(array_filter($materials, static fn (Material $one): bool => str_contains($one->what, $part)));
    }
}
