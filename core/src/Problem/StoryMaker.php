<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

use Rostik\Core\Mistake\Catalogue\KeyWord;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Skill\Dice;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\Rung;

/** Draws stories for the rungs of the ladder that are told: no story twice, as long as there are others. */
final readonly class StoryMaker
{
    /** Draws in a row after which all stories are taken to be told. */
    private const PATIENCE = 100;

    /** No more than this share of a set is added, or taken away. */
    private const MIXED = 0.7;

    private Writer $plain;

    public function __construct(private Stories $stories, private Teller $teller, private Forms $forms)
    {
        $this->plain = Writer::plain();
    }

    public function tells(Rung $rung): bool
    {
        return [] !== self::shapes($rung->id, Level::Core);
    }

    /**
     * @param int $count 0 or more
     * @param int $seed  the same seed gives the same problems
     *
     * @return list<Told>
     *
     * @throws \InvalidArgumentException when the rung is not told
     */
    public function make(Rung $rung, Level $level, int $count, int $seed, Style $style = new Style(), StoryWishes $wishes = new StoryWishes()): array
    {
        $dice = new Dice($seed);
        $names = $wishes->names;
        $made = $wishes->pairs ? $this->pairs($rung, $level, $count, $dice, $style, $names) : [];
        $told = array_fill_keys(array_map(static fn (Told $one): string => $one->frame->id, $made), true);
        for ($vain = 0; \count($made) < $count && $vain < 10 * self::PATIENCE; ++$vain) {
            $one = $this->draw($rung->id, $level, $dice, $style, $names);
            $adds = \count(array_filter($made, static fn (Told $t): bool => $t->frame->shape->adds()));
            // never mostly one of the two, where the rung has both
            $much = $one->frame->shape->adds() ? $adds : \count($made) - $adds;
            if ($much > self::MIXED * (\count($made) + 1) && $vain < self::PATIENCE) {
                continue;
            }
            // once all of them are told, they are told with other numbers
            if (!isset($told[$one->frame->id]) || ($vain > self::PATIENCE && !\in_array($one->text, array_column($made, 'text'), true))) {
                $told[$one->frame->id] = true;
                $made[] = $one;
                $vain = $vain > self::PATIENCE ? self::PATIENCE : 0;
            }
        }

        return $made;
    }

    /**
     * Problems in pairs: the same word stands in both, and in one of them it misleads, so that who goes by the word is found out.
     *
     * @param list<string> $names
     *
     * @return list<Told> two by two, no story twice; fewer than asked for where there are no more
     */
    private function pairs(Rung $rung, Level $level, int $count, Dice $dice, Style $style, array $names): array
    {
        $by = [];
        foreach ($this->stories->of(...self::shapes($rung->id, $level)) as $frame) {
            $one = $this->teller->tell($frame, Level::Support === $level && $frame->shape->steps() > 1 ? Level::Core : $level, $dice, $style, $names, Level::Support === $level);
            $operation = null === $one ? null : Operation::of($one->sums[\count($one->sums) - 1]);
            if (null === $one || null === $operation) {
                continue;
            }
            if (Operation::Add !== $operation && Operation::Subtract !== $operation) {
                continue;
            }
            foreach (KeyWord::wordsIn($one->text.' '.$one->ask) as $word) {
                $by[$word][$operation->value][$one->frame->id] ??= $one;
            }
        }
        $made = [];
        $used = [];
        $words = array_keys($by);
        while ([] !== $words && \count($made) + 1 < $count) {
            $word = $dice->pick($words);
            $add = array_values(array_diff_key($by[$word][Operation::Add->value] ?? [], $used));
            $take = array_values(array_diff_key($by[$word][Operation::Subtract->value] ?? [], $used));
            if ([] === $add || [] === $take) {
                $words = array_values(array_diff($words, [$word]));
                continue;
            }
            foreach ([$dice->pick($add), $dice->pick($take)] as $one) {
                $made[] = $one;
                $used[$one->frame->id] = true;
            }
        }

        return $made;
    }

    /**
     * One problem. Every shape of the rung is as likely as the others, so that nobody succeeds who goes by the last one.
     *
     * @param string       $rung  its id
     * @param list<string> $names
     *
     * @throws \InvalidArgumentException when the rung is not told
     */
    public function draw(string $rung, Level $level, Dice $dice, Style $style = new Style(), array $names = []): Told
    {
        $shapes = self::shapes($rung, $level);
        // two sums are more than the first level asks for: there the second level's numbers are told, in fives
        $asked = Level::Support === $level && [] === array_filter($shapes, static fn (Shape $shape): bool => 1 === $shape->steps()) ? Level::Core : $level;
        while (isset($shapes[0])) {
            $frames = $this->stories->of($dice->pick($shapes));
            $told = isset($frames[0]) ? $this->teller->tell($dice->pick($frames), $asked, $dice, $style, $names, Level::Support === $level) : null;
            if (null !== $told) {
                return $told;
            }
        }

        throw new \InvalidArgumentException('That rung has no stories.');
    }

    /**
     * A story told again, with other numbers.
     *
     * @param list<string> $taken sums that it is not to have, in canonical text
     *
     * @return ?Told null where there is no such story, or it has no other numbers
     */
    public function again(string $story, Level $level, int $seed, Style $style = new Style(), array $taken = []): ?Told
    {
        $frame = $this->stories->all()[$story] ?? null;
        $dice = new Dice($seed);
        for ($try = 0; null !== $frame && $try < self::PATIENCE; ++$try) {
            // two sums are more than the first level asks for
            $told = $this->teller->tell($frame, Level::Support === $level && $frame->shape->steps() > 1 ? Level::Core : $level, $dice, $style, fives: Level::Support === $level);
            if (null !== $told && !\in_array($this->written($told), $taken, true)) {
                return $told;
            }
        }

        return null;
    }

    /** Its sum, or its sums in turn, in canonical text. */
    public function written(Told $told): string
    {
        return $this->forms->write($told->sum(), $this->plain);
    }

    /** @return list<Shape> */
    private static function shapes(string $rung, Level $level): array
    {
        return match ($rung) {
            'one-step-problem' => array_values(array_filter(Shape::cases(), static fn (Shape $shape): bool => 1 === $shape->steps())),
            // at the first level two sums are enough
            'two-step-problem' => array_values(array_filter(Shape::cases(), static fn (Shape $shape): bool => $shape->steps() > 1 && (Level::Support !== $level || 2 === $shape->steps()))),
            'plan-backwards' => Level::Support === $level ? [Shape::Start, Shape::Latest] : [Shape::Latest, Shape::Backwards, Shape::Backwards],
            default => [],
        };
    }
}
