<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\Problem;
use Rostik\App\Classroom\Classrooms;
use Rostik\Core\Skill\NoSuchRung;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a teacher's practices. */
final readonly class PracticeController
{
    public function __construct(private Practices $practices, private Classrooms $classrooms)
    {
    }

    #[Route('/api/classes/{id}/practices', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->practices->all($this->classrooms->get($teacher, $id)));
    }

    /** 422 where one is open already, or nothing is wanted that can be practised. */
    #[Route('/api/classes/{id}/practices', methods: ['POST'])]
    public function open(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] OpenPracticeRequest $wanted): Response
    {
        try {
            return new JsonResponse($this->practices->reply($this->practices->open($teacher, $this->classrooms->get($teacher, $id), $wanted)), Response::HTTP_CREATED);
        } catch (NoSuchRung $none) {
            return Problem::response(422, 'no-such-rung', $none->getMessage());
        }
    }

    #[Route('/api/practices/{id}', methods: ['GET'])]
    public function show(string $id): Response
    {
        return new JsonResponse($this->practices->reply($this->practices->get($id)));
    }

    #[Route('/api/practices/{id}/close', methods: ['POST'])]
    public function close(string $id, #[MapRequestPayload] ClosePracticeRequest $wanted): Response
    {
        $practice = $this->practices->get($id);
        $this->practices->close($practice, $wanted->lastWord);

        return new JsonResponse($this->practices->reply($practice));
    }

    /** For children without a tablet. */
    #[Route('/api/practices/{id}/paper', methods: ['POST'])]
    public function onPaper(#[CurrentUser] Teacher $teacher, string $id, #[MapRequestPayload] OnPaperRequest $wanted): Response
    {
        return new JsonResponse($this->practices->onPaper($teacher, $this->practices->get($id), $wanted->for), Response::HTTP_CREATED);
    }

    /** With all its answers; it can be brought back. */
    #[Route('/api/practices/{id}', methods: ['DELETE'])]
    public function delete(string $id): Response
    {
        $this->practices->delete($this->practices->get($id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/api/practices/{id}/seats/{seat}', methods: ['GET'])]
    public function questions(string $id, string $seat): Response
    {
        return new JsonResponse($this->practices->questionsOf($this->practices->seat($this->practices->get($id), $seat)));
    }

    /** The tablet is given back: its child has another, or is another. */
    #[Route('/api/practices/{id}/seats/{seat}', methods: ['DELETE'])]
    public function send(string $id, string $seat): Response
    {
        $practice = $this->practices->get($id);
        $this->practices->send($this->practices->seat($practice, $seat));

        return new JsonResponse($this->practices->reply($practice));
    }

    /** The child chooses its three pictures anew. */
    #[Route('/api/children/{id}/sign', methods: ['DELETE'])]
    public function forgetSign(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        $this->practices->forgetSign($this->classrooms->child($teacher, $id));

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
