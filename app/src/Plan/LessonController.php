<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\CannotBeHad;
use Rostik\App\Api\Problem;
use Rostik\App\Classroom\Classrooms;
use Rostik\App\Printing\Paper;
use Rostik\App\Printing\PdfReplies;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of one lesson, and its paper. */
final readonly class LessonController
{
    public function __construct(private Lessons $lessons, private Plans $plans, private LessonSheets $sheets, private LessonPages $pages, private PdfReplies $pdf, private Classrooms $classrooms)
    {
    }

    #[Route('/api/lessons/{id}', methods: ['GET'])]
    public function show(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->lessons->reply($this->lessons->get($teacher, $id)));
    }

    /** Saves the whole lesson; 409 with the lesson as it now is, where it was changed in the meantime. */
    #[Route('/api/lessons/{id}', methods: ['PUT'])]
    public function change(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] LessonRequest $wanted): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        try {
            $this->lessons->change($lesson, $wanted);
        } catch (StaleLesson) {
            return new JsonResponse($this->lessons->reply($lesson), Response::HTTP_CONFLICT);
        }

        return new JsonResponse($this->lessons->reply($lesson));
    }

    #[Route('/api/lessons/{id}', methods: ['DELETE'])]
    public function delete(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        $this->lessons->delete($lesson, true);

        return new JsonResponse($this->plans->reply($lesson->classroom()));
    }

    #[Route('/api/lessons/{id}/restore', methods: ['POST'])]
    public function restore(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $lesson = $this->lessons->get($teacher, $id, evenDeleted: true);
        $this->lessons->delete($lesson, false);

        return new JsonResponse($this->plans->reply($lesson->classroom()));
    }

    /** Shortened until it fits, as far as that can be. */
    #[Route('/api/lessons/{id}/fit', methods: ['POST'])]
    public function fit(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        $this->lessons->fit($lesson);

        return new JsonResponse($this->lessons->reply($lesson));
    }

    /** Something else in a part, of about the same length; 422 where there is nothing else. */
    #[Route('/api/lessons/{id}/parts/{part}/other', methods: ['POST'])]
    public function other(#[CurrentUser] Teacher $teacher, string $id, string $part): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        try {
            $this->lessons->other($lesson, $part);
        } catch (NoSuchRung) {
            throw new CannotBeHad('That skill is not on the ladder any more.');
        }

        return new JsonResponse($this->lessons->reply($lesson));
    }

    /**
     * Another sum in its place with the same job, or the teacher's own; in the place after the last it is added. 422 for one that
     * is not understood, or where there is no other.
     */
    #[Route('/api/lessons/{id}/parts/{part}/sums/{place}', methods: ['POST'])]
    public function sum(#[CurrentUser] Teacher $teacher, string $id, string $part, string $place, #[MapRequestPayload] PartSumRequest $wanted): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        if (1 !== preg_match('/^\d{1,2}$/D', $place)) {
            throw new NotFoundHttpException();
        }
        try {
            $this->lessons->sum($lesson, $part, (int) $place, trim($wanted->sum));
        } catch (NoSuchRung) {
            throw new CannotBeHad('That skill is not on the ladder any more.');
        }

        return new JsonResponse($this->lessons->reply($lesson));
    }

    #[Route('/api/lessons/{id}/after', methods: ['POST'])]
    public function after(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] AfterRequest $after): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        $this->lessons->went($lesson, $after);

        return new JsonResponse($this->lessons->reply($lesson));
    }

    /** To the next time, and all after it likewise. */
    #[Route('/api/lessons/{id}/slip', methods: ['POST'])]
    public function slip(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        $this->plans->slip($lesson);

        return new JsonResponse($this->plans->reply($lesson->classroom()));
    }

    /** To the place of another lesson of the class; 404 for one that is not there. */
    #[Route('/api/lessons/{id}/move', methods: ['POST'])]
    public function move(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] MoveRequest $move): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        $to = $this->lessons->get($teacher, $move->to);
        if ($to->classroom() !== $lesson->classroom()) {
            throw new CannotBeHad('A lesson moves within its own class; to another class it is copied.');
        }
        $this->plans->move($this->plans->lessons($lesson->classroom()), $lesson, $to);

        return new JsonResponse($this->plans->reply($lesson->classroom()));
    }

    /** The same for another class, at its next free time. */
    #[Route('/api/lessons/{id}/copy', methods: ['POST'])]
    public function copy(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] MoveRequest $to): Response
    {
        $lesson = $this->lessons->get($teacher, $id);

        return new JsonResponse($this->lessons->reply($this->lessons->copy($lesson, $this->classrooms->get($teacher, $to->to))), Response::HTTP_CREATED);
    }

    /** Makes the sheets that are missing. */
    #[Route('/api/lessons/{id}/sheets', methods: ['POST'])]
    public function sheets(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $lesson = $this->lessons->get($teacher, $id);
        try {
            $said = $this->sheets->make($teacher, $lesson);
        } catch (NoSuchRung $none) {
            return Problem::response(422, 'no-such-rung', $none->getMessage());
        }

        return new JsonResponse(['lesson' => $this->lessons->reply($lesson), 'said' => $said], Response::HTTP_CREATED);
    }

    /** For whoever teaches it instead. */
    #[Route('/print/lessons/{id}', methods: ['GET'])]
    public function substitute(#[CurrentUser] Teacher $teacher, string $id, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        return new Response($this->pages->substitute($this->lessons->get($teacher, $id), $paper, '/'));
    }

    #[Route('/print/lessons/{id}.pdf', methods: ['GET'], priority: 1)]
    public function substitutePdf(#[CurrentUser] Teacher $teacher, string $id, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        return $this->pdf->whole([$this->pages->substitute($this->lessons->get($teacher, $id), $paper, '')], $teacher, 'lesson.pdf');
    }

    /** All that is not ready yet, in one go; 422 where nothing is missing. */
    #[Route('/print/lessons/{id}/missing.pdf/progress', methods: ['GET'], priority: 1)]
    public function missing(#[CurrentUser] Teacher $teacher, string $id, #[MapQueryParameter] Paper $paper = Paper::A4, #[MapQueryParameter] bool $all = false): Response
    {
        $pages = $this->pages->missing($this->lessons->get($teacher, $id), $paper, $all);
        if ([] === $pages) {
            throw new CannotBeHad('Nothing is missing: everything is ticked as ready.');
        }

        return $this->pdf->byPage($pages, $teacher, 'lesson.pdf');
    }
}
