<?php

declare(strict_types=1);

namespace Rostik\Core\Plan;

use Rostik\Core\Activity\Activities;
use Rostik\Core\Activity\Intro;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Activity\Planned;
use Rostik\Core\Activity\Shorter;
use Rostik\Core\Skill\Level;

/** Activities as a class would play them. What was computed for a class is kept as long as its facts are in hand: whoever looks for what fits asks for the same many times. */
final readonly class Playing
{
    private const MOST_CHILDREN = 40;

    /** @var \WeakMap<Facts, array<string, Planned>> */
    private \WeakMap $plans;

    public function __construct(private Activities $activities)
    {
        $this->plans = new \WeakMap();
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->activities->ids();
    }

    /** @throws NoSuchActivity */
    public function intro(string $activity): Intro
    {
        return $this->activities->activity($activity)->intro();
    }

    /**
     * @param array<string, string> $options
     * @param list<string>          $stays   ids of options that are not changed to make it shorter
     * @param bool                  $shorter whether what would make it shorter is looked for, too
     *
     * @throws NoSuchActivity
     */
    public function planned(string $activity, ?int $group, array $options, Level $level, int $seed, Facts $facts, array $stays = [], bool $shorter = false): Planned
    {
        $all = $this->plans[$facts] ?? [];
        $key = json_encode([$activity, $group, $options, $level, $seed, $stays, $shorter], \JSON_THROW_ON_ERROR);
        $planned = $all[$key] ?? $this->activities->plan($activity, max(1, min(self::MOST_CHILDREN, $facts->children)), $group, $level, $seed, $options, $facts->style, $facts->games[$activity] ?? [], $stays, $shorter);
        $this->plans[$facts] = [...$all, $key => $planned];

        return $planned;
    }

    /**
     * @param array<string, string> $options
     *
     * @return list<Shorter>
     *
     * @throws NoSuchActivity
     */
    public function shorter(string $activity, ?int $group, array $options, Level $level, int $seed, Facts $facts): array
    {
        return $this->planned($activity, $group, $options, $level, $seed, $facts, shorter: true)->shorter;
    }
}
