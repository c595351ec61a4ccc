<?php

declare(strict_types=1);

namespace Rostik\Core\Problem;

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
     * @param int          $count 0 or more
     * @param int          $seed  the same seed gives the same problems
     * @param list<string> $names of the children in them; none for made-up ones
     *
     * @return list<Told>
     *
     * @throws \InvalidArgumentException when the rung is not told
     */
    public function make(Rung $rung, Level $level, int $count, int $seed, Style $style = new Style(), array $names = []): array
    {
        $dice = new Dice($seed);
        $made = [];
        $told = [];
        for ($vain = 0; \count($made) < $count && $vain < 10 * self::PATIENCE; ++$vain) {
            $one = $this->draw($rung->id, $level, $dice, $style, $names);
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
        // two sums are more than the first level asks for: there the second level's numbers are told
        $asked = Level::Support === $level && [] === array_filter($shapes, static fn (Shape $shape): bool => 1 === $shape->steps()) ? Level::Core : $level;
        while (isset($shapes[0])) {
            $frames = $this->stories->of($dice->pick($shapes));
            $told = isset($frames[0]) ? $this->teller->tell($dice->pick($frames), $asked, $dice, $style, $names) : null;
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
            $told = $this->teller->tell($frame, Level::Support === $level && $frame->shape->steps() > 1 ? Level::Core : $level, $dice, $style);
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
            'two-step-problem' => array_values(array_filter(Shape::cases(), static fn (Shape $shape): bool => $shape->steps() > 1)),
            'plan-backwards' => Level::Support === $level ? [Shape::Start, Shape::Latest] : [Shape::Latest, Shape::Backwards, Shape::Backwards],
            default => [],
        };
    }
}
