<?php

declare(strict_types=1);

namespace Rostik\Core\Activity;

use Rostik\Core\Notation\Style;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;

/** For whom an activity is made, and how. */
final readonly class Wanted
{
    public const MOST_CHILDREN = 40;

    /** @param array<string, string> $options chosen, by id; each of them there */
    private function __construct(public int $children, public int $group, public Level $level, public int $seed, public array $options, public Saying $saying)
    {
    }

    /**
     * @param ?int                  $group   children in a group; null for what is usual; brought to the nearest that it can be
     * @param array<string, string> $options by id; for those that are not named what is usual is taken
     *
     * @throws NoSuchActivity when a number or a choice is not possible
     */
    public static function of(Intro $intro, int $children, ?int $group, Level $level, int $seed, array $options = [], Style $style = new Style()): self
    {
        if ($children < 1 || $children > self::MOST_CHILDREN) {
            throw NoSuchActivity::children(1, self::MOST_CHILDREN);
        }
        if (null !== $group && $group < 1) {
            throw NoSuchActivity::group();
        }
        $chosen = [];
        foreach ($intro->options as $option) {
            $choice = $options[$option->id] ?? $option->usual($level);
            if (!$option->has($choice)) {
                throw NoSuchActivity::choice($option->id, $choice, $option->ids());
            }
            $chosen[$option->id] = $choice;
        }
        foreach (array_keys($options) as $id) {
            if (!isset($chosen[$id])) {
                throw NoSuchActivity::option($id, array_keys($chosen));
            }
        }

        return new self($children, $intro->sizes->nearest($group, $children), $level, $seed, $chosen, new Saying($style));
    }

    /** What is chosen for an option. */
    public function option(string $id): string
    {
        return $this->options[$id] ?? throw new \LogicException(\sprintf('"%s" is no option.', $id));
    }

    /** @param string ...$for the same words give the same chance */
    public function dice(string ...$for): Dice
    {
        return new Dice(crc32($this->seed.' '.implode(' ', $for)));
    }

    /**
     * How many children are in each group: as asked for, and one more in some where it does not come out even.
     *
     * @return non-empty-list<int>
     */
    public function groups(): array
    {
        $count = max(1, intdiv($this->children, $this->group));

        return array_map(fn (int $i): int => intdiv($this->children, $count) + ($i < $this->children % $count ? 1 : 0), range(0, $count - 1));
    }

    /** The largest group, by which the time goes. */
    public function largest(): int
    {
        return max($this->groups());
    }

    public function groupCount(): int
    {
        return \count($this->groups());
    }
}
