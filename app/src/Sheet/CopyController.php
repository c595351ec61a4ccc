<?php

declare(strict_types=1);

namespace Rostik\App\Sheet;

use Rostik\App\Account\Teacher;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of copies of a sheet with numbers of their own. */
final readonly class CopyController
{
    public function __construct(private Sheets $sheets, private CopySets $sets)
    {
    }

    #[Route('/api/sheets/{id}/sets', methods: ['GET'])]
    public function all(string $id): Response
    {
        return new JsonResponse($this->sets->of($this->sheets->get($id)));
    }

    #[Route('/api/sheets/{id}/sets', methods: ['POST'])]
    public function make(string $id, #[MapRequestPayload] CopiesRequest $wanted): Response
    {
        return new JsonResponse($this->sets->make($this->sheets->get($id), $wanted), Response::HTTP_CREATED);
    }

    #[Route('/api/sheets/{id}/sets/{set}', methods: ['DELETE'])]
    public function delete(string $id, string $set): Response
    {
        $this->sets->delete($this->sheets->get($id), $set, true);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Brings back a deleted set. */
    #[Route('/api/sheets/{id}/sets/{set}/restore', methods: ['POST'])]
    public function restore(string $id, string $set): Response
    {
        $this->sets->delete($this->sheets->get($id), $set, false);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** The copy with that code; 204 where there is none, since most of what is searched for is no code. */
    #[Route('/api/codes/{code}', methods: ['GET'])]
    public function find(string $code, #[CurrentUser] Teacher $teacher): Response
    {
        $copy = $this->sets->find($teacher, $code);

        return null === $copy ? new Response(null, Response::HTTP_NO_CONTENT) : new JsonResponse(new FoundCopyReply($copy->code(), $copy->name(), $copy->sheet()->id()->toRfc4122(), $copy->setId()->toRfc4122(), $copy->sheet()->title()));
    }
}
