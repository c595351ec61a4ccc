<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\CsvReply;
use Rostik\App\Api\Problem;
use Rostik\App\Classroom\Classrooms;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a class's lessons. */
#[Route('/api/classes/{id}')]
final readonly class PlanController
{
    public function __construct(private Plans $plans, private Lessons $lessons, private Standings $standings, private PlanFiles $files, private Feeds $feeds, private Classrooms $classrooms)
    {
    }

    #[Route('/plan', methods: ['GET'])]
    public function show(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->plans->reply($this->classrooms->get($teacher, $id)));
    }

    /** Plans anew what has not been taught; 422 for a rung that there is not. */
    #[Route('/plan', methods: ['PUT'])]
    public function plan(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] CourseText $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);

        return self::tried(fn (): Response => new JsonResponse($this->plans->reply($class, $this->plans->plan($class, $wanted))));
    }

    /** The lessons as they were before the class was planned anew. */
    #[Route('/plan/lessons', methods: ['PUT'])]
    public function bringBack(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] StandingLessonsRequest $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $this->plans->bringBack($class, $wanted->lessons);

        return new JsonResponse($this->plans->reply($class));
    }

    /** How the class stands on what it is to learn, and when that is taught. */
    #[Route('/plan/path', methods: ['GET'])]
    public function path(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->standings->path($this->classrooms->get($teacher, $id)));
    }

    /** What a plan would have to teach for what is wanted, from the bottom up, with how the class stands on each. */
    #[Route('/plan/needed', methods: ['POST'])]
    public function needed(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] NeededRequest $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);

        return self::tried(fn (): Response => new JsonResponse($this->standings->needed($class, $wanted->rungs)));
    }

    /** When lessons are, as they were before a change, or as somebody wants them. */
    #[Route('/plan/slots', methods: ['PUT'])]
    public function slots(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] SlotsRequest $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $this->plans->put($class, $wanted->slots);

        return new JsonResponse($this->plans->reply($class));
    }

    #[Route('/lessons', methods: ['POST'])]
    public function add(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] NewLessonRequest $wanted): Response
    {
        $class = $this->classrooms->get($teacher, $id);

        return self::tried(fn (): Response => new JsonResponse($this->lessons->reply($this->lessons->add($class, $wanted)), Response::HTTP_CREATED));
    }

    #[Route('/plan.csv', methods: ['GET'])]
    public function csv(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $class = $this->classrooms->get($teacher, $id);

        return new CsvReply($this->files->rows($class), 'lessons.csv');
    }

    #[Route('/plan.ics', methods: ['GET'])]
    public function calendar(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return self::file($this->feeds->calendar($this->classrooms->get($teacher, $id)), 'text/calendar; charset=utf-8', 'lessons.ics');
    }

    /** To give to a colleague: the lessons, and nothing about children. */
    #[Route('/plan/file', methods: ['GET'])]
    public function out(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return self::file($this->files->write($this->classrooms->get($teacher, $id)), 'application/json', 'plan.json');
    }

    /** From a colleague: its lessons take the times of this class that have not been. */
    #[Route('/plan/file', methods: ['POST'])]
    public function in(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] PlanFileRequest $file): Response
    {
        $class = $this->classrooms->get($teacher, $id);
        $this->files->bringIn($class, $file->content);

        return new JsonResponse($this->plans->reply($class));
    }

    /** An address to subscribe to, shown this once; the one before is not good any more. */
    #[Route('/plan/feed', methods: ['POST'])]
    public function feed(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse(['path' => $this->feeds->renew($this->classrooms->get($teacher, $id))], Response::HTTP_CREATED);
    }

    #[Route('/plan/feed', methods: ['DELETE'])]
    public function noFeed(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->feeds->end($this->classrooms->get($teacher, $id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    private static function file(string $content, string $type, string $name): Response
    {
        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }

    /** @param \Closure(): Response $act */
    private static function tried(\Closure $act): Response
    {
        try {
            return $act();
        } catch (NoSuchRung $none) {
            return Problem::response(422, 'no-such-rung', $none->getMessage());
        }
    }
}
