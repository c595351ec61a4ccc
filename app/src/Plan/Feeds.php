<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Classroom\Classroom;
use Sabre\VObject\Component\VCalendar;

/** Lessons as a calendar (RFC 5545), with no word about children: their times, and what is in them. Times are local, wherever it is read. */
final readonly class Feeds
{
    private const LOCAL = 'Ymd\THis';

    public function __construct(private EntityManagerInterface $entities, private Plans $plans, private Kept $kept, private ClockInterface $clock)
    {
    }

    public function calendar(Classroom $class): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Rostik//Lessons//EN', 'X-WR-CALNAME' => \sprintf('%s: calculating with time', $class->name())]);
        foreach ($this->plans->lessons($class) as $lesson) {
            $slot = $lesson->slot();
            $start = new \DateTimeImmutable($lesson->on().' '.When::clock($slot->start));
            $calendar->add('VEVENT', [
                'UID' => $lesson->id()->toRfc4122(),
                'DTSTAMP' => $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z'),
                // no zone: at that time of the clock on the wall
                'DTSTART' => $start->format(self::LOCAL),
                'DTEND' => $start->modify('+'.$slot->minutes.' minutes')->format(self::LOCAL),
                'SUMMARY' => $this->plans->title($lesson),
                'SEQUENCE' => $lesson->revision(),
                'DESCRIPTION' => implode("\n", array_map(static fn (PartText $part): string => $part->kind->said(), $this->kept->parts($lesson))),
                ...(LessonState::Not === $lesson->state() ? ['STATUS' => 'CANCELLED'] : []),
            ]);
        }

        return $calendar->serialize();
    }

    /** The path of an address to subscribe to; the one before is not good any more. */
    public function renew(Classroom $class): string
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(24)), '+/', '-_'), '=');
        $course = $this->plans->course($class) ?? new Course($class);
        $course->feedAt($secret);
        $this->entities->persist($course);
        $this->entities->flush();

        return '/calendar/'.$secret.'.ics';
    }

    public function end(Classroom $class): void
    {
        $this->plans->course($class)?->feedAt(null);
        $this->entities->flush();
    }

    /** The class whose calendar is at that address; null where there is none any more. */
    public function at(string $secret): ?Classroom
    {
        $class = $this->entities->getRepository(Course::class)->findOneBy(['feed' => Course::kept($secret)])?->classroom();

        return true === $class?->isDeleted() ? null : $class;
    }
}
