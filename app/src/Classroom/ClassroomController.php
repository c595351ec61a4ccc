<?php

declare(strict_types=1);

namespace Rostik\App\Classroom;

use Rostik\App\Account\Teacher;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a teacher's classes. */
#[Route('/api/classes')]
final readonly class ClassroomController
{
    public function __construct(private Classrooms $classrooms)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse(array_map(ClassReply::of(...), $this->classrooms->of($teacher)));
    }

    /** The id is given by whoever begins the class, so that a change sent twice, or an undo, makes no second one. */
    #[Route('/{id}', methods: ['PUT'])]
    public function put(string $id, #[CurrentUser] Teacher $teacher, #[MapRequestPayload] ClassRequest $wanted): Response
    {
        return new JsonResponse(ClassReply::of($this->classrooms->put($teacher, $id, $wanted)));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    public function delete(string $id, #[CurrentUser] Teacher $teacher): Response
    {
        $this->classrooms->delete($teacher, $id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
