<?php

declare(strict_types=1);

namespace Rostik\Core\Tests\Evidence;

use PHPUnit\Framework\TestCase;
use Rostik\Core\Evidence\Answered;
use Rostik\Core\Evidence\Group;
use Rostik\Core\Evidence\Grouping;
use Rostik\Core\Evidence\GroupKind;
use Rostik\Core\Evidence\Picture;
use Rostik\Core\Evidence\Pictures;
use Rostik\Core\Evidence\Pupil;
use Rostik\Core\Evidence\Standing;
use Rostik\Core\Tests\Core;
use Rostik\Core\Tests\Weighing\Child;

final class GroupingTest extends TestCase
{
    private const SUMS = ['2 h 30 min + 4 h 45 min', '1 h 55 min + 2 h 50 min', '3 h 40 min + 2 h 35 min', '4 h 55 min + 1 h 25 min', '6 h 10 min - 3 h 45 min', '4 h 10 min - 1 h 25 min', '7 h 5 min - 2 h 40 min', '5 h 20 min - 1 h 50 min'];

    private function picture(string $name, ?string $mistake, int $answers = 8): Picture
    {
        $all = [];
        foreach (\array_slice(self::SUMS, 0, $answers) as $i => $sum) {
            $all[] = new Answered($sum, (null === $mistake ? null : Child::write($sum, $mistake)) ?? (string) Child::write($sum, null), $i % 2 ? '2027-03-11' : '2027-03-10');
        }

        return Core::get(Pictures::class)->of(new Pupil($name, $all));
    }

    /**
     * @param array<string, int> $class how many children by their mistake; "" for none, "few" for one answer only
     *
     * @return list<Picture>
     */
    private function class(array $class): array
    {
        $pictures = [];
        foreach ($class as $mistake => $count) {
            for ($i = 0; $i < $count; ++$i) {
                $pictures[] = $this->picture($mistake.' '.$i, \in_array($mistake, ['', 'few'], true) ? null : $mistake, 'few' === $mistake ? 1 : 8);
            }
        }

        return $pictures;
    }

    /**
     * @param list<Picture> $pictures
     * @param list<Group>   $groups
     */
    private static function everyChildOnce(array $pictures, array $groups): void
    {
        $children = array_merge(...array_map(static fn (Group $group): array => $group->children, $groups));
        sort($children);
        $all = array_map(static fn (Picture $one): string => $one->pupil->id, $pictures);
        sort($all);
        self::assertSame($all, $children);
    }

    public function testThoseWhoShareACauseComeFirst(): void
    {
        $pictures = $this->class(['leaves-over-sixty' => 4, 'smaller-from-larger' => 5, '' => 8, 'few' => 2]);
        $groups = Core::get(Grouping::class)->of($pictures);
        self::everyChildOnce($pictures, $groups);
        self::assertSame(['cause', 'cause', 'next', 'next', 'unsure'], array_map(static fn (Group $group): string => $group->kind->value, $groups));
        self::assertEqualsCanonicalizing(['leaves-over-sixty', 'smaller-from-larger'], [$groups[0]->cause, $groups[1]->cause]);
        self::assertSame('subtract-regroup', ('smaller-from-larger' === $groups[0]->cause ? $groups[0] : $groups[1])->rung);
        self::assertStringStartsWith('They may ', $groups[0]->reason);
        self::assertNotSame('', $groups[0]->look);
        // of eight who are ready for the next, four and four
        self::assertSame([4, 4], [\count($groups[2]->children), \count($groups[3]->children)]);
        self::assertSame(['few 0', 'few 1'], $groups[4]->children);
    }

    public function testOneChildWithACauseOfItsOwnWorksWithThoseOnTheSameRung(): void
    {
        $pictures = $this->class(['drops-the-carry' => 1, 'zero-when-stuck' => 1, 'smaller-from-larger' => 3, '' => 4]);
        $groups = Core::get(Grouping::class)->of($pictures);
        self::everyChildOnce($pictures, $groups);
        foreach ($groups as $group) {
            self::assertLessThanOrEqual(6, \count($group->children));
        }
        $rungs = array_values(array_filter($groups, static fn (Group $group): bool => GroupKind::Rung === $group->kind));
        self::assertCount(1, $rungs);
        self::assertCount(2, $rungs[0]->children);
    }

    public function testSmallClassesAndAClassThatSharesOneThing(): void
    {
        foreach ([['leaves-over-sixty' => 1], ['' => 1], ['few' => 1], ['leaves-over-sixty' => 2, '' => 1], ['few' => 5], ['' => 2]] as $class) {
            $pictures = $this->class($class);
            $groups = Core::get(Grouping::class)->of($pictures);
            self::everyChildOnce($pictures, $groups);
        }
        $pictures = $this->class(['leaves-over-sixty' => 20]);
        $groups = Core::get(Grouping::class)->of($pictures);
        self::everyChildOnce($pictures, $groups);
        self::assertCount(4, $groups);
        self::assertSame([5, 5, 5, 5], array_map(static fn (Group $group): int => \count($group->children), $groups));
        self::assertSame([], Core::get(Grouping::class)->of([]));
        // other sizes
        self::assertCount(10, Core::get(Grouping::class)->of($pictures, 2, 2));
    }

    public function testAPictureHasItsRungsWithTheAnswersBehindThem(): void
    {
        $picture = $this->picture('a', 'smaller-from-larger');
        self::assertSame(['add-regroup', 'subtract-regroup'], array_keys($picture->rungs));
        self::assertSame(Standing::Secure, $picture->rungs['add-regroup']->standing ?? null);
        self::assertSame(Standing::NotYet, $picture->rungs['subtract-regroup']->standing ?? null);
        self::assertSame([[0, 1, 2, 3], [4, 5, 6, 7]], array_values($picture->answers));
        self::assertSame(['smaller-from-larger'], array_map(static fn ($one): string => $one->mistake, $picture->causes()));
        // of thousands of answers the last are looked at, from the last back
        $year = [];
        for ($i = 0; $i < 3000; ++$i) {
            $year[] = new Answered(self::SUMS[$i % \count(self::SUMS)], '', '2027-03-10', $i >= 1500);
        }
        $begun = hrtime(true);
        $long = Core::get(Pictures::class)->of(new Pupil('c', $year));
        self::assertLessThan(2.0, (hrtime(true) - $begun) / 1e9);
        self::assertSame(['add-regroup', 'subtract-regroup'], array_keys($long->rungs));
        self::assertSame([[60, 2999], [60, 2995]], array_map(static fn (string $rung): array => [\count($long->answers[$rung] ?? []), max([0, ...$long->answers[$rung] ?? []])], ['subtract-regroup', 'add-regroup']));
        // marks only, by children: a tick counts as the right answer, a cross has no cause
        $marks = Core::get(Pictures::class)->of(new Pupil('b', [new Answered(self::SUMS[0], '', '2027-03-10', true), new Answered(self::SUMS[1], '', '2027-03-11', false), new Answered('no sum at all', '', '2027-03-11', true)]));
        self::assertSame([2, 1], [($marks->rungs['add-regroup'] ?? null)?->answers, $marks->diagnosis->answered]);
    }
}
