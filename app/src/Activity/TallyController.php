<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Rostik\App\Account\Teacher;
use Rostik\App\Api\CsvReply;
use Rostik\App\Classroom\Classrooms;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of a class's tries to feel a length of time. */
#[Route('/api/classes/{id}/tallies')]
final readonly class TallyController
{
    public function __construct(private Tallies $tallies, private Classrooms $classrooms)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new JsonResponse($this->tallies->of($this->classrooms->get($teacher, $id)));
    }

    #[Route('.csv', methods: ['GET'])]
    public function csv(#[CurrentUser] Teacher $teacher, string $id): Response
    {
        return new CsvReply($this->tallies->rows($this->classrooms->get($teacher, $id)), 'half-a-minute.csv');
    }

    #[Route('/{tally}', methods: ['PUT'])]
    public function put(#[CurrentUser] Teacher $teacher, string $id, string $tally, #[MapRequestPayload] TallyRequest $wanted): Response
    {
        return new JsonResponse($this->tallies->put($this->classrooms->get($teacher, $id), $tally, $wanted));
    }

    #[Route('/{tally}', methods: ['DELETE'])]
    public function remove(#[CurrentUser] Teacher $teacher, string $id, string $tally): Response
    {
        $this->tallies->remove($this->classrooms->get($teacher, $id), $tally);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
