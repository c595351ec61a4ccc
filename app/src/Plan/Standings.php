<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Classroom;
use Rostik\Core\Plan\Climb;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Topic;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;

/** Where a class stands on its way up the ladder. */
final readonly class Standings
{
    public function __construct(private Plans $plans, private FactsOfClass $facts, private Kept $kept, private Climb $climb, private Ladder $ladder, private ClockInterface $clock)
    {
    }

    /** @return list<StandingReply> what has lessons, in the order in which they come */
    public function path(Classroom $class): array
    {
        $today = $this->clock->now()->format('Y-m-d');
        $on = [];
        foreach ($this->plans->lessons($class) as $lesson) {
            $rung = $lesson->rung();
            // the next, or else the last
            if (!isset($on[$rung]) || $on[$rung] < $today) {
                $on[$rung] = $lesson->on();
            }
        }
        $course = $this->plans->course($class);
        $facts = $this->facts->all($class, [], null === $course ? [] : $this->kept->course($course)->had);

        return $this->replies(array_keys($on), $facts, $on);
    }

    /**
     * @param list<string> $rungs ids
     *
     * @return list<StandingReply> all that they need, from the bottom up, and they themselves
     *
     * @throws NoSuchRung
     */
    public function needed(Classroom $class, array $rungs): array
    {
        $known = $this->facts->known($class);

        // as if the class had nothing: what it has is said with it
        return $this->replies($this->climb->needed($rungs, new Facts(0)), new Facts(FactsOfClass::children($class), known: $known), []);
    }

    /**
     * @param list<string>          $rungs
     * @param array<string, string> $on
     *
     * @return list<StandingReply>
     */
    private function replies(array $rungs, Facts $facts, array $on): array
    {
        $replies = [];
        foreach ($rungs as $id) {
            try {
                $rung = $this->ladder->rung($id);
            } catch (NoSuchRung) {
                continue;
            }
            $known = $facts->of($id);
            $replies[] = new StandingReply($id, Topic::of($rung), Topic::short($rung), $known->secure, $known->onTheWay, $known->children, self::text($known), $known->isSecure(), $on[$id] ?? null);
        }

        return $replies;
    }

    private static function text(Known $known): string
    {
        return match (true) {
            $known->said => 'the class has it',
            0 === $known->seen() => '',
            $known->secure >= $known->onTheWay => \sprintf('%d of %d secure', $known->secure, $known->children),
            default => \sprintf('%d of %d on the way', $known->onTheWay, $known->children),
        };
    }
}
