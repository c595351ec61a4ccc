<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Evidence\ClassEvidence;
use Rostik\App\Marking\Piles;
use Rostik\Core\Plan\PartKind;

/** What waits to be done: papers to mark, lessons of which nothing was said. */
final readonly class Waiting
{
    /** Of what is longer ago nobody is reminded. */
    private const DAYS = 14;

    public function __construct(private Piles $piles, private Kept $kept, private ClassEvidence $evidence, private ClockInterface $clock)
    {
    }

    /**
     * @param list<PlannedLesson> $lessons of the class
     *
     * @return list<WaitingReply>
     */
    public function of(Classroom $class, array $lessons): array
    {
        $now = $this->clock->now();
        $waiting = [];
        $begun = $this->piles->ofClass($class, $now->modify('-'.self::DAYS.' days'));
        foreach ($lessons as $lesson) {
            $day = self::day($lesson, $now);
            if ($lesson->on() > $now->format('Y-m-d') || $lesson->on() < $now->modify('-'.self::DAYS.' days')->format('Y-m-d')) {
                continue;
            }
            if (LessonState::Planned === $lesson->state() && self::ended($lesson, $now)) {
                $waiting[] = new WaitingReply('after', $lesson->id()->toRfc4122(), \sprintf('How did %s go?', $day), '');
            }
            $ticket = $lesson->sheets()['ticket'] ?? null;
            if (null !== $ticket && \in_array($lesson->state(), [LessonState::Done, LessonState::Partly], true) && $this->hasTicket($lesson) && !isset($begun[$ticket])) {
                $waiting[] = new WaitingReply('ticket', $ticket, \sprintf('Mark %s’s ticket', $day), self::papers(FactsOfClass::children($class)));
            }
        }
        foreach ($begun as $pile) {
            if ($pile->marked < $pile->papers && $pile->on >= $now->modify('-'.self::DAYS.' days')->format('Y-m-d')) {
                $waiting[] = new WaitingReply('pile', $pile->id, \sprintf('Mark “%s”', $pile->title), self::papers($pile->papers - $pile->marked));
            }
        }
        $marked = max(['', ...array_map(static fn ($pile): string => $pile->marked > 0 ? $pile->on : '', array_values($begun))]);
        $kept = $this->evidence->groupsKeptAt($class)?->format('Y-m-d') ?? '';
        if ($marked >= $now->modify('-3 days')->format('Y-m-d') && $kept < $marked) {
            $waiting[] = new WaitingReply('groups', $class->id()->toRfc4122(), 'Groups for the next lesson', 'from what was marked');
        }

        return $waiting;
    }

    /**
     * What is still to be done about a lesson, in two or three words.
     *
     * @param list<WaitingReply> $waiting
     */
    public function word(PlannedLesson $lesson, array $waiting, \DateTimeImmutable $now): string
    {
        $isTicket = static fn (WaitingReply $one): bool => 'ticket' === $one->kind && $one->id === ($lesson->sheets()['ticket'] ?? null);

        return match (true) {
            LessonState::Not === $lesson->state() => 'not taught',
            [] !== array_filter($waiting, $isTicket) => 'ticket not marked',
            LessonState::Done === $lesson->state() => 'done',
            LessonState::Partly === $lesson->state() => 'some of it done',
            self::ended($lesson, $now) => 'how did it go?',
            [] === $lesson->sheets() && $lesson->on() <= $now->modify('+3 days')->format('Y-m-d') => 'sheets to make',
            default => '',
        };
    }

    private function hasTicket(PlannedLesson $lesson): bool
    {
        return [] !== array_filter($this->kept->parts($lesson), static fn (PartText $part): bool => PartKind::Ticket === $part->kind);
    }

    private static function ended(PlannedLesson $lesson, \DateTimeImmutable $now): bool
    {
        $slot = $lesson->slot();

        return $lesson->on() < $now->format('Y-m-d') || ($lesson->on() === $now->format('Y-m-d') && $slot->start + $slot->minutes <= When::minutes($now->format('H:i')));
    }

    /** "Wednesday", "today" */
    private static function day(PlannedLesson $lesson, \DateTimeImmutable $now): string
    {
        $day = new \DateTimeImmutable($lesson->on());

        return match (true) {
            $lesson->on() === $now->format('Y-m-d') => 'today',
            $lesson->on() > $now->modify('-6 days')->format('Y-m-d') => $day->format('l'),
            default => $day->format('j F'),
        };
    }

    private static function papers(int $count): string
    {
        return 1 === $count ? 'one paper' : \sprintf('%d papers', $count);
    }
}
