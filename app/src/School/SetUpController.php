<?php

declare(strict_types=1);

namespace Rostik\App\School;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Setting up the school of a new installation. */
#[Route('/api/set-up')]
final readonly class SetUpController
{
    public function __construct(private SetUp $setUp)
    {
    }

    #[Route('', methods: ['GET'])]
    public function state(): Response
    {
        return new JsonResponse(new SetUpReply($this->setUp->isWanted()));
    }

    /** Sets up the school; 403 for who does not have the word, 422 for what will not do. */
    #[Route('', methods: ['POST'])]
    public function begin(#[MapRequestPayload] SetUpRequest $wanted): Response
    {
        try {
            $this->setUp->begin($wanted);
        } catch (WordWanted) {
            return Problem::response(403, 'word-wanted', 'That is not the word. It stands in the terminal in which Rostik was started.');
        }

        return new Response(null, Response::HTTP_NO_CONTENT);
    }
}
