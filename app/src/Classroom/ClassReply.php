<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\Core\Board\OwnTimes;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Sum\Kind;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\WeekBegins;
use Rostik\Core\Time\Weekend;

/** A class of the teacher's. */
final readonly class ClassReply
{
    /**
     * @param list<ChildEntry>  $children   in the order of the register
     * @param list<string>      $taught     ids of rungs of the ladder
     * @param list<HouseMethod> $methods    kinds of sum that it works in a method of its own
     * @param Style             $style      in which it writes
     * @param string            $clockTimes the times of its own that it reads and sets on clocks, as they were typed
     * @param list<int>         $clocks     the same in minutes since 12
     * @param bool              $inHand     whether it is the class that the teacher has in hand
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $children,
        public array $taught,
        public array $methods,
        public Style $style,
        public Weekend $weekend,
        public WeekBegins $weekBegins,
        public string $clockTimes,
        public array $clocks,
        public bool $inHand,
    ) {
    }

    public static function of(Classroom $class, bool $inHand): self
    {
        $methods = [];
        foreach ($class->methods() as $kind => $method) {
            $methods[] = new HouseMethod(Kind::from($kind), $method);
        }

        return new self(
            $class->id()->toRfc4122(),
            $class->name(),
            array_map(ChildEntry::of(...), $class->children()),
            $class->taught(),
            $methods,
            $class->style(),
            $class->weekend(),
            $class->weekBegins(),
            $class->clockTimes(),
            self::clocks($class),
            $inHand,
        );
    }

    /** @return list<int> minutes since 12; none where what was kept is not read any more: the class itself must always be had */
    private static function clocks(Classroom $class): array
    {
        try {
            return array_map(static fn (StatedTime $time): int => $time->minutes % 720, OwnTimes::read($class->clockTimes()));
        } catch (NotUnderstood) {
            return [];
        }
    }
}
