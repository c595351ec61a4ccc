<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classroom;
use Rostik\Core\Activity\NoSuchActivity;
use Rostik\Core\Notation\Forms;
use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\Style;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Notation\Writer;
use Rostik\Core\Plan\Change;
use Rostik\Core\Plan\Facts;
use Rostik\Core\Plan\Filling;
use Rostik\Core\Plan\Fit;
use Rostik\Core\Plan\Fitting;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Levels;
use Rostik\Core\Plan\Matching;
use Rostik\Core\Plan\Part;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Plan\Planner;
use Rostik\Core\Plan\Playing;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Purposes;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Step;
use Rostik\Core\Plan\Timing;
use Rostik\Core\Plan\Topic;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Generator;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;
use Rostik\Core\Sum\Sum;
use Rostik\Core\Time\ClockForm;
use Rostik\Core\Time\StatedTime;
use Rostik\Core\Time\TimeOfDay;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** One lesson: what is in it, whether it fits, what must be ready, what became of it. */
final readonly class Lessons
{
    /** At the board there is time for so many sums in a part, at the most. */
    private const SUMS = 12;

    public function __construct(
        private EntityManagerInterface $entities,
        private Plans $plans,
        private FactsOfClass $facts,
        private Kept $kept,
        private Timing $timing,
        private Fit $fit,
        private Filling $filling,
        private Purposes $purposes,
        private Matching $matching,
        private Playing $playing,
        private Ladder $ladder,
        private Generator $generator,
        private SumReader $reader,
        private Forms $forms,
        private ClockInterface $clock,
    ) {
    }

    /** @throws NotFoundHttpException for one that is not there, or of another teacher's class */
    public function get(Teacher $teacher, string $id, bool $evenDeleted = false): PlannedLesson
    {
        $lesson = Uuid::isValid($id) ? $this->entities->find(PlannedLesson::class, Uuid::fromString($id)) : null;

        return null !== $lesson && $lesson->classroom()->isTaughtBy($teacher) && ($evenDeleted || !$lesson->isDeleted()) ? $lesson : throw new NotFoundHttpException();
    }

    public function reply(PlannedLesson $lesson): LessonReply
    {
        $class = $lesson->classroom();
        $facts = $this->pace($class);
        $style = $class->style();
        $slot = $lesson->slot();
        $parts = $this->parts($lesson);
        $shown = [];
        $at = $slot->start;
        foreach ($this->kept->parts($lesson) as $i => $text) {
            $part = $parts[$i];
            $takes = $this->timing->takes($part, $facts);
            $minutes = $part->minutes ?? $takes->minutes;
            $shown[] = new PartReply($text, $part->kind->said(), $this->content($part, $facts), array_map(fn (string $sum): string => $this->shown($sum, $style), $part->sums), $this->purposes->of($part, $lesson->rung()), self::time($at, $style), self::time($at + $minutes, $style), $at, $minutes, $takes->minutes, $takes->said, $this->more($part, $style));
            $at += $minutes;
        }

        return new LessonReply(
            $lesson->id()->toRfc4122(),
            $class->id()->toRfc4122(),
            $lesson->revision(),
            $lesson->on(),
            When::clock($slot->start),
            self::time($slot->start, $style),
            self::time($slot->start + $slot->minutes, $style),
            $slot->minutes,
            $this->plans->title($lesson),
            $lesson->rung(),
            $lesson->purpose(),
            $lesson->why(),
            $lesson->state(),
            $shown,
            $this->fit->over($parts, $slot->minutes, $facts),
            array_map(static fn (Change $one): ChangeReply => new ChangeReply($one->said, $one->saves, array_map(PartText::of(...), $one->parts)), $this->fit->changes($parts, $slot->minutes, $facts)),
            $this->ready($lesson, $facts),
            $lesson->sheets(),
            $lesson->levels(),
            $lesson->took(),
            $lesson->note(),
        );
    }

    /** @return list<string> two sums for who is done before the others */
    private function more(Part $part, Style $style): array
    {
        if (PartKind::OnYourOwn !== $part->kind || null === $part->rung || '' !== $part->done) {
            return [];
        }
        try {
            $sums = $this->generator->draw($this->ladder->rung($part->rung), $part->level, 2, $part->seed + 1)->sums;
        } catch (NoSuchRung) {
            return [];
        }

        return array_map(fn (Sum $sum): string => $this->forms->write($style->states($sum), Writer::marked($style)), $sums);
    }

    /** @throws StaleLesson where it was changed in the meantime */
    public function change(PlannedLesson $lesson, LessonRequest $wanted): void
    {
        if ($wanted->revision !== $lesson->revision()) {
            throw new StaleLesson();
        }
        $lesson->isReadyWith(array_values($wanted->ready));
        $lesson->fill($this->kept->writeParts(array_values($wanted->parts)), $wanted->note);
        $this->entities->flush();
    }

    /** Shortened until it fits. */
    public function fit(PlannedLesson $lesson): void
    {
        $parts = $this->fit->fitted($this->parts($lesson), $lesson->slot()->minutes, $this->pace($lesson->classroom()));
        $this->fill($lesson, $parts);
    }

    /** Another activity, other sums or other numbers in a part, of about the same length. */
    public function other(PlannedLesson $lesson, string $id): void
    {
        $facts = $this->pace($lesson->classroom());
        $this->fill($lesson, array_map(fn (Part $part): Part => $part->id === $id ? $this->another($part, $lesson, $facts) : $part, $this->parts($lesson)));
    }

    /**
     * Another sum in a place, for what the one before it was there for; or the teacher's own, which in the place after the last is added.
     *
     * @throws NotUnderstood
     */
    public function sum(PlannedLesson $lesson, string $id, int $place, string $typed): void
    {
        $parts = $this->parts($lesson);
        foreach ($parts as $i => $part) {
            if ($part->id !== $id || !$part->kind->isAtTheBoard() || $place > min(self::SUMS - 1, \count($part->sums)) || ('' === $typed && !isset($part->sums[$place]))) {
                continue;
            }
            $sums = $part->sums;
            $says = $part->says;
            if ('' === $typed) {
                [$sums[$place], $said] = $this->filling->anotherAt($part, $part->rung ?? $lesson->rung(), $place, $this->pace($lesson->classroom())) ?? throw new CannotBeHad('There is no other sum for that. Type one of your own.');
                $says[$sums[$place]] = $said;
            } else {
                $sums[$place] = $this->forms->write($this->reader->read($typed)->sum, Writer::plain());
                // what it is there for comes out when it is looked at
                unset($says[$sums[$place]]);
            }
            $parts[$i] = $part->withSums(array_values(array_unique($sums)), array_intersect_key($says, array_flip($sums)));
            $this->fill($lesson, $parts);

            return;
        }
        throw new NotFoundHttpException();
    }

    public function went(PlannedLesson $lesson, AfterRequest $after): void
    {
        $lesson->went($after->state, $after->took);
        if (null !== $after->note) {
            $lesson->fill($lesson->parts(), $after->note);
        }
        $this->entities->flush();
    }

    public function delete(PlannedLesson $lesson, bool $away): void
    {
        $lesson->delete($away ? $this->clock->now() : null);
        $this->entities->flush();
    }

    /** The same lesson for another class, at its next free time. */
    public function copy(PlannedLesson $lesson, Classroom $to): PlannedLesson
    {
        $there = $this->plans->lessons($to);
        $last = [] === $there ? $lesson->slot() : $this->plans->after($to, $there[\count($there) - 1]->slot());
        $copy = new PlannedLesson($to, new Lesson($last, new Step($lesson->rung(), $lesson->purpose(), $lesson->why()), []), $lesson->parts(), Levels::of($this->facts->known($to)[$lesson->rung()] ?? Known::nothing(FactsOfClass::children($to))));
        $this->entities->persist($copy);
        $this->entities->flush();

        return $copy;
    }

    /**
     * One more lesson, filled for a rung.
     *
     * @throws NoSuchRung
     */
    public function add(Classroom $class, NewLessonRequest $wanted): PlannedLesson
    {
        $slot = new Slot(When::date($wanted->on), When::minutes($wanted->start), $wanted->minutes);
        $before = $this->plans->before($class, $wanted->on, FactsOfClass::LATELY);
        $facts = $this->facts->all($class, $before, []);
        $step = new Step($this->ladder->rung($wanted->rung)->id, Purpose::New, 'You put it here.');
        $parts = $this->filling->parts($step, $slot, $facts, Planner::seed(crc32($wanted->on.$wanted->start), $this->plans->count($class)), [] === $before ? null : $before[\count($before) - 1]->rung());
        $lesson = new PlannedLesson($class, new Lesson($slot, $step, $parts), $this->kept->writeParts(array_map(PartText::of(...), $parts)), Levels::of($facts->of($wanted->rung)));
        $this->entities->persist($lesson);
        $this->entities->flush();

        return $lesson;
    }

    /** @return list<Part> */
    public function parts(PlannedLesson $lesson): array
    {
        return array_map(static fn (PartText $text): Part => $text->part(), $this->kept->parts($lesson));
    }

    public function pace(Classroom $class): Facts
    {
        return $this->facts->pace($class, $this->plans->taught($class, FactsOfClass::LATELY));
    }

    /** A sum for the board as the class writes it; a problem in its words. */
    public function shown(string $sum, Style $style): string
    {
        if (1 === preg_match('/^(.+) \[[^\]]+\]$/s', $sum, $told)) {
            return $told[1];
        }
        try {
            return $this->forms->write($this->reader->read($sum)->sum, Writer::marked($style));
        } catch (NotUnderstood) {
            return $sum;
        }
    }

    /** @param int $minutes after midnight */
    public static function time(int $minutes, Style $style): string
    {
        return Writer::marked($style)->time(StatedTime::of(TimeOfDay::ofMinutes($minutes % 1440), ClockForm::Twelve));
    }

    /** @param list<Part> $parts */
    private function fill(PlannedLesson $lesson, array $parts): void
    {
        $lesson->fill($this->kept->writeParts(array_map(PartText::of(...), $parts)));
        $this->entities->flush();
    }

    private function another(Part $part, PlannedLesson $lesson, Facts $facts): Part
    {
        $rung = $part->rung ?? $lesson->rung();
        if ($part->kind->isPlayed()) {
            $minutes = $this->timing->minutes($part, $facts) + 2;
            $fitting = $this->matching->fitting($part->kind, array_values(array_unique([$rung, $lesson->rung(), ...$this->ladder->rung($lesson->rung())->needs])), $minutes, $facts, $part->level);
            $ids = array_map(static fn (Fitting $one): string => $one->activity, $fitting);
            // one after the other, round and round
            $next = $fitting[((int) array_search($part->activity, [...$ids, $part->activity], true) + 1) % max(1, \count($fitting))] ?? throw new CannotBeHad('There is no other activity for that which fits into these minutes.');

            return new Part($part->id, $part->kind, $next->rung, null, $next->activity, $next->group, $next->options, $part->level, $part->seed + 1, why: \sprintf('It practises “%s”.', Topic::withoutStop($this->ladder->rung($next->rung)->can)), note: $part->note);
        }

        $other = [] === $part->sums ? null : $this->filling->others($part, $rung, $facts, $part->seed + 101);

        return new Part($part->id, $part->kind, $part->rung, $part->minutes, null, null, [], $part->level, $part->seed + 1, $other->sums ?? [], $part->questions, $part->why, $part->note, says: $other->says ?? []);
    }

    private function content(Part $part, Facts $facts): string
    {
        if (null !== $part->activity) {
            try {
                $planned = $this->playing->planned($part->activity, $part->group, $part->options, $part->level, $part->seed, $facts);

                return $planned->intro->title.($planned->wanted->group > 1 && $planned->wanted->groupCount() > 1 ? \sprintf(', groups of %d', $planned->wanted->group) : '');
            } catch (NoSuchActivity) {
                return 'an activity that is not there any more';
            }
        }

        return match ($part->kind) {
            PartKind::LookBack => 'a question like the last ticket’s',
            PartKind::OnYourOwn => \sprintf('%d questions, at three levels', $part->questions),
            PartKind::Ticket => 1 === $part->questions ? 'one question' : \sprintf('%d questions', $part->questions),
            default => '',
        };
    }

    /** @return list<ReadyReply> */
    private function ready(PlannedLesson $lesson, Facts $facts): array
    {
        $items = [];
        $isReady = static fn (string $id): bool => \in_array($id, $lesson->ready(), true);
        $children = $facts->children;
        foreach ($this->parts($lesson) as $part) {
            if (PartKind::OnYourOwn === $part->kind) {
                $levels = array_filter($lesson->levels());
                $items[] = new ReadyReply($part->id.':sheets', implode(', ', array_map(static fn (string $level, int $count): string => $count.' '.$level, array_keys($levels), $levels)).' sheets', $isReady($part->id.':sheets'), true, isset($lesson->sheets()[Level::Core->value]));
            } elseif (PartKind::Ticket === $part->kind) {
                $pages = (int) ceil($children / Layout::Tickets->perPage());
                $items[] = new ReadyReply($part->id.':tickets', \sprintf('%d tickets, %d %s to cut', $children, $pages, 1 === $pages ? 'page' : 'pages'), $isReady($part->id.':tickets'), true, isset($lesson->sheets()['ticket']));
            } elseif (null !== $part->activity) {
                try {
                    $made = $this->playing->planned($part->activity, $part->group, $part->options, $part->level, $part->seed, $facts)->made;
                } catch (NoSuchActivity) {
                    continue;
                }
                foreach ($made->materials as $material) {
                    $id = mb_substr($part->id.':'.$material->what, 0, 80);
                    $items[] = new ReadyReply($id, $material->count.' '.(1 === $material->count ? preg_replace('/^(\pL+)s\b/u', '$1', $material->what) : $material->what), $isReady($id), str_starts_with($material->what, 'sheets') || str_starts_with($material->what, 'cards'), true);
                }
            }
        }

        return $items;
    }
}
