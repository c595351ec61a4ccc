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
    private function __construct(public int $children, public int $group, public Level $level, public int $seed, public array $options, public Saying $saying, public Borrowed $borrowed)
    {
    }

    /**
     * @param ?int                  $group    children in a group; null for what is usual; brought to the nearest that it can be
     * @param array<string, string> $options  by id; for those that are not named what is usual is taken
     * @param ?Borrowed             $borrowed numbers of a sheet that it is to be played with, as far as they go
     *
     * @throws NoSuchActivity when a number or a choice is not possible
     */
    public static function of(Intro $intro, int $children, ?int $group, Level $level, int $seed, array $options = [], Style $style = new Style(), ?Borrowed $borrowed = null): self
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

        return new self($children, $intro->sizes->nearest($group, $children), $level, $seed, $chosen, new Saying($style), $borrowed ?? Borrowed::nothing());
    }

    /** What is chosen for an option. */
    public function option(string $id): string
    {
        return $this->options[$id] ?? throw new \LogicException(\sprintf('"%s" is no option.', $id));
    }

    /**
     * Faces that show times of the sheet, all different.
     *
     * @return array<int, int> minutes past 12, 0 to 719, by the same
     */
    public function faces(int $most): array
    {
        if (!$this->borrowed->isEnoughOf(Borrows::Times)) {
            return [];
        }
        $faces = [];
        foreach ($this->dice('borrowed')->shuffle($this->borrowed->times) as $minutes) {
            $faces[$minutes % 720] = $minutes % 720;
        }

        return \array_slice($faces, 0, $most, true);
    }

    /** @return list<string> how many of the faces that are, in words; nothing where there are none */
    public function facesBorrowed(int $of): array
    {
        $borrowed = \count($this->faces($of));

        return 0 === $borrowed ? [] : [\sprintf('%d of the %d faces show times of the sheet.', $borrowed, $of)];
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
