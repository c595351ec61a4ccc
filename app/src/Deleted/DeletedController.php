<?php

declare(strict_types=1);

namespace Rostik\App\Deleted;

use Rostik\App\Account\Teacher;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of what was deleted. */
#[Route('/api/deleted')]
final readonly class DeletedController
{
    public function __construct(private Deleted $deleted)
    {
    }

    #[Route('', methods: ['GET'])]
    public function all(#[CurrentUser] Teacher $teacher): Response
    {
        return new JsonResponse($this->deleted->of($teacher));
    }

    /** Brings it back, with all that went with it; 404 for what is gone. */
    #[Route('/{kind}/{id}/restore', methods: ['POST'])]
    public function restore(#[CurrentUser] Teacher $teacher, DeletedKind $kind, string $id): Response
    {
        $this->deleted->bringBack($teacher, $kind, $id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    /** Erases it for good, before its time. */
    #[Route('/{kind}/{id}', methods: ['DELETE'])]
    public function erase(#[CurrentUser] Teacher $teacher, DeletedKind $kind, string $id): Response
    {
        $this->deleted->erase($teacher, $kind, $id);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
