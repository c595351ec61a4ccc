<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Activity\Planning;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Evidence\ClassEvidence;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Ratios;
use Rostik\Core\Plan\Timing;

/** What is known of a class, as far as planning goes. */
final readonly class FactsOfClass
{
    /** A class without a list is taken to have so many children. */
    private const CHILDREN = 24;

    /** So many of the last lessons say how long things take. */
    public const LATELY = 20;

    public function __construct(private ClassEvidence $evidence, private Planning $planning, private Kept $kept, private Timing $timing)
    {
    }

    public static function children(Classroom $class): int
    {
        $there = \count($class->children());

        return 0 === $there ? self::CHILDREN : $there;
    }

    /**
     * How long things take, which is known quickly.
     *
     * @param list<PlannedLesson> $lessons of the class, the earliest first
     */
    public function pace(Classroom $class, array $lessons): Facts
    {
        return $this->facts($class, $lessons, []);
    }

    /**
     * The same with how the class stands on every rung.
     *
     * @param list<PlannedLesson> $lessons of the class, the earliest first
     * @param list<string>        $had     ids of rungs that the class has, whatever was seen
     */
    public function all(Classroom $class, array $lessons, array $had): Facts
    {
        $known = $this->known($class);
        foreach ($had as $rung) {
            $seen = $known[$rung] ?? Known::nothing(self::children($class));
            $known[$rung] = new Known($seen->secure, $seen->onTheWay, $seen->notYet, $seen->children, true);
        }

        return $this->facts($class, $lessons, $known);
    }

    /** @return array<string, Known> by rung, those of which something was seen */
    public function known(Classroom $class): array
    {
        $children = self::children($class);

        return array_map(static fn (array $counts): Known => new Known($counts[0], $counts[1], $counts[2], $children), $this->evidence->standings($class));
    }

    /**
     * @param list<PlannedLesson>  $lessons
     * @param array<string, Known> $known
     */
    private function facts(Classroom $class, array $lessons, array $known): Facts
    {
        $games = $this->planning->games($class);
        $usual = new Facts(self::children($class), $class->style(), games: $games);
        $took = [];
        // how long things took lately says how long they take
        foreach (\array_slice(array_values(array_filter($lessons, static fn (PlannedLesson $one): bool => [] !== $one->took())), -self::LATELY) as $lesson) {
            foreach ($this->kept->parts($lesson) as $text) {
                $part = $text->part();
                $minutes = $lesson->took()[$part->id] ?? null;
                // what is played has its own pace
                if (null !== $minutes && null === $part->activity) {
                    $took[$part->kind->value][] = [$this->timing->takes($part, $usual)->minutes, $minutes];
                }
            }
        }

        return new Facts(self::children($class), $class->style(), $known, $games, ratios: Ratios::of($took));
    }
}
