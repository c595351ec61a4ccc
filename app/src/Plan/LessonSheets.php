<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Account\Teacher;
use Rostik\App\Sheet\AimRequest;
use Rostik\App\Sheet\MakeSheetsRequest;
use Rostik\App\Sheet\SheetMaking;
use Rostik\Core\Plan\PartKind;
use Rostik\Core\Sheet\Layout;
use Rostik\Core\Skill\Level;
use Rostik\Core\Skill\NoSuchRung;

/** The sheets of a lesson: at three levels for the work, and the ticket. Made when they are asked for, and then kept with it. */
final readonly class LessonSheets
{
    public const TICKET = 'ticket';

    public function __construct(private SheetMaking $making, private Plans $plans, private Kept $kept, private EntityManagerInterface $entities)
    {
    }

    /**
     * Makes those that are missing.
     *
     * @return list<string> what could not be had, each in a sentence
     *
     * @throws NoSuchRung
     */
    public function make(Teacher $teacher, PlannedLesson $lesson): array
    {
        $sheets = $lesson->sheets();
        $said = [];
        $title = $this->plans->title($lesson);
        foreach ($this->kept->parts($lesson) as $part) {
            if ($part->questions < 1) {
                continue;
            }
            $isTicket = PartKind::Ticket === $part->kind;
            if (PartKind::OnYourOwn === $part->kind ? isset($sheets[Level::Core->value]) : !$isTicket || isset($sheets[self::TICKET])) {
                continue;
            }
            $made = $this->making->make($teacher, new MakeSheetsRequest(
                mb_substr($isTicket ? 'Ticket: '.lcfirst($title) : $title, 0, 100),
                [new AimRequest($part->rung ?? $lesson->rung(), min(40, $part->questions))],
                $isTicket ? [Level::Core] : Level::cases(),
                $part->seed,
                layout: $isTicket ? Layout::Tickets : Layout::Page,
                classId: $lesson->classroom()->id()->toRfc4122(),
            ));
            foreach ($made->sheets as $i => $sheet) {
                $sheets[$isTicket ? self::TICKET : Level::cases()[$i]->value] = $sheet->id;
            }
            array_push($said, ...$made->shortages);
        }
        $lesson->has($sheets);
        $this->entities->flush();

        return $said;
    }
}
