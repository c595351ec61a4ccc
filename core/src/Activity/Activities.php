<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Level;

/** All activities: every class in the folder Game that is one, in the order that they state themselves. */
final readonly class Activities
{
    /** A change is worth saying from so many minutes on. */
    private const WORTH = 1.0;
    private const MOST_CHANGES = 3;

    /** @var array<string, Activity> by id */
    private array $all;

    /** @param iterable<Activity> $activities in the order in which they are listed */
    public function __construct(iterable $activities)
    {
        $byId = [];
        foreach ($activities as $activity) {
            $byId[$activity->intro()->id] = $activity;
        }
        $this->all = $byId;
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_keys($this->all);
    }

    /** @throws NoSuchActivity */
    public function activity(string $id): Activity
    {
        return $this->all[$id] ?? throw NoSuchActivity::id($id, $this->ids());
    }

    /**
     * @param array<string, string>                   $options  by id
     * @param list<array{turns: int, seconds: float}> $seen     games of the class ({@see Pace})
     * @param list<string>                            $stays    ids of options that are not changed to make it shorter
     * @param bool                                    $shorter  whether what would make it shorter is looked for, too
     * @param ?Borrowed                               $borrowed numbers of a sheet that it is to be played with
     *
     * @throws NoSuchActivity
     */
    public function plan(string $id, int $children, ?int $group, Level $level, int $seed, array $options = [], Style $style = new Style(), array $seen = [], array $stays = [], bool $shorter = true, ?Borrowed $borrowed = null): Planned
    {
        $activity = $this->activity($id);
        $intro = $activity->intro();
        $wanted = Wanted::of($intro, $children, $group, $level, $seed, $options, $style, $borrowed);
        $made = $activity->make($wanted);
        $seconds = Pace::of($made->seconds, $seen);
        $turns = $made->turns();
        $minutes = Minutes::of($turns, $wanted->groupCount(), $seconds, $made->setUp);
        $changes = [];
        if ($shorter) {
            $ratio = $seconds / $made->seconds;
            foreach (self::changes($intro, $wanted, $stays) as [$said, $size, $chosen]) {
                $other = Wanted::of($intro, $children, $size, $level, $seed, $chosen, $style, $borrowed);
                $then = $activity->make($other);
                $takes = Minutes::of($then->turns(), $other->groupCount(), $ratio * $then->seconds, $then->setUp)->expected;
                if ($takes <= $minutes->expected - self::WORTH) {
                    $changes[] = new Shorter($said, $size, $chosen, $takes);
                }
            }
            usort($changes, static fn (Shorter $a, Shorter $b): int => $a->minutes <=> $b->minutes);
        }

        return new Planned($intro, $wanted, $made, $turns, $seconds, $minutes, \array_slice($changes, 0, self::MOST_CHANGES));
    }

    /**
     * @param list<string> $stays
     *
     * @return iterable<array{string, ?int, array<string, string>}> changes of one thing: in words, the size of a group, what is chosen
     */
    private static function changes(Intro $intro, Wanted $wanted, array $stays): iterable
    {
        foreach (array_filter($intro->options, static fn (Option $one): bool => !\in_array($one->id, $stays, true)) as $option) {
            foreach ($option->choices as $choice) {
                if ($choice->id !== $wanted->option($option->id)) {
                    yield [lcfirst($option->title).': '.$choice->title, $wanted->group, [$option->id => $choice->id] + $wanted->options];
                }
            }
        }
        $smaller = $intro->sizes->nearest($wanted->group - 1, $wanted->children);
        if ($smaller < $wanted->group && null !== $intro->sizes->usual) {
            yield [1 === $smaller ? 'each child alone' : 'groups of '.$smaller, $smaller, $wanted->options];
        }
    }
}
