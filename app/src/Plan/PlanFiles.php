<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Classroom\Classroom;
use Rostik\App\Storage\Values;
use Rostik\Core\Plan\Known;
use Rostik\Core\Plan\Lesson;
use Rostik\Core\Plan\Levels;
use Rostik\Core\Plan\Purpose;
use Rostik\Core\Plan\Slot;
use Rostik\Core\Plan\Step;
use Rostik\Core\Skill\Ladder;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Plans out and in: a list for people, and a file to give to a colleague. Neither has anything about children; notes stay. */
final readonly class PlanFiles
{
    private const KIND = 'lessons about calculating with time';
    private const VERSION = 1;
    private const MOST = 120;

    public function __construct(private EntityManagerInterface $entities, private Plans $plans, private FactsOfClass $facts, private Kept $kept, private Values $values, private Ladder $ladder, private ValidatorInterface $validator, private ClockInterface $clock)
    {
    }

    /** @return \Generator<int, list<string>> the rows of a list of the lessons */
    public function rows(Classroom $class): \Generator
    {
        yield ['day', 'from', 'minutes', 'lesson', 'why', 'became', 'parts', 'note'];
        foreach ($this->plans->lessons($class) as $lesson) {
            $slot = $lesson->slot();
            yield [$lesson->on(), When::clock($slot->start), (string) $slot->minutes, $this->plans->title($lesson), $lesson->why(), $lesson->state()->value, implode('; ', array_map(static fn (PartText $part): string => $part->kind->said(), $this->kept->parts($lesson))), $lesson->note()];
        }
    }

    public function write(Classroom $class): string
    {
        return json_encode([
            'kind' => self::KIND,
            'version' => self::VERSION,
            'lessons' => array_map(fn (PlannedLesson $lesson): array => [
                'rung' => $lesson->rung(),
                'purpose' => $lesson->purpose()->value,
                'why' => $lesson->why(),
                'minutes' => $lesson->slot()->minutes,
                'parts' => array_map(fn (PartText $part): array => ['note' => ''] + $this->values->write($part), $this->kept->parts($lesson)),
            ], $this->plans->lessons($class)),
        ], \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE);
    }

    /**
     * The lessons of a file take the next times of the class; those that were planned there and not taught yet give way.
     *
     * @throws CannotBeHad for a file that is none, saying why
     */
    public function bringIn(Classroom $class, string $content): void
    {
        $lessons = $this->read($content);
        $now = $this->clock->now();
        $today = $now->format('Y-m-d');
        $there = $this->plans->lessons($class);
        $slots = [];
        foreach ($there as $lesson) {
            if (LessonState::Planned === $lesson->state() && $lesson->on() >= $today) {
                $slots[] = $lesson->slot();
                $lesson->delete($now);
            }
        }
        $last = [] === $there ? new Slot(When::date($today), When::minutes('09:40'), 60) : $there[\count($there) - 1]->slot();
        $children = FactsOfClass::children($class);
        $known = $this->facts->known($class);
        foreach ($lessons as $i => [$step, $parts]) {
            $slots[$i] ??= $last = $this->plans->after($class, $slots[$i - 1] ?? $last);
            $this->entities->persist(new PlannedLesson($class, new Lesson($slots[$i], $step, []), $this->kept->writeParts($parts), Levels::of($known[$step->rung] ?? Known::nothing($children))));
        }
        $this->entities->flush();
    }

    /** @return list<array{Step, list<PartText>}> */
    private function read(string $content): array
    {
        $file = json_decode($content, true, 12);
        $lessons = \is_array($file) && self::KIND === ($file['kind'] ?? null) ? ($file['lessons'] ?? null) : null;
        if (!\is_array($lessons) || [] === $lessons || \count($lessons) > self::MOST) {
            throw new CannotBeHad('This is not a plan of lessons. Choose a file that was made here by “A file for a colleague”: plan.json');
        }
        $read = [];
        foreach (array_values($lessons) as $i => $lesson) {
            $lesson = \is_array($lesson) ? $lesson : [];
            $rung = \is_string($lesson['rung'] ?? null) ? $lesson['rung'] : '';
            try {
                $this->ladder->rung($rung);
            } catch (NoSuchRung) {
                throw new CannotBeHad(\sprintf('Lesson %d of the file is about something that is not on the ladder.', $i + 1));
            }
            $parts = [];
            foreach (array_filter(\is_array($lesson['parts'] ?? null) ? $lesson['parts'] : [], is_array(...)) as $part) {
                $parts[] = $this->values->read(PartText::class, $part);
            }
            $wanted = new LessonRequest(1, $parts);
            if (\count($this->validator->validate($wanted)) > 0) {
                throw new CannotBeHad(\sprintf('Lesson %d of the file cannot be read: something in it is not as it was written here.', $i + 1));
            }
            $why = \is_string($lesson['why'] ?? null) ? mb_substr($lesson['why'], 0, 400) : '';
            $read[] = [new Step($rung, Purpose::tryFrom(\is_string($lesson['purpose'] ?? null) ? $lesson['purpose'] : '') ?? Purpose::New, '' === $why ? 'A colleague put it here.' : $why), $parts];
        }

        return $read;
    }
}
