<?php

declare(strict_types=1);

namespace Rostik\App\Machine;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** For whoever looks after the machine, and for what watches it. */
final readonly class MachineController
{
    public function __construct(private Machine $machine)
    {
    }

    /** 200 where all is well, 503 where it is not. */
    #[Route('/health', methods: ['GET'], priority: 10)]
    public function health(): Response
    {
        $health = $this->machine->health();

        return new JsonResponse($health, $health->well ? Response::HTTP_OK : Response::HTTP_SERVICE_UNAVAILABLE, ['Cache-Control' => 'no-store']);
    }

    #[Route('/api/machine', methods: ['GET'])]
    #[IsGranted('ROLE_ADMINISTRATOR', statusCode: 404)]
    public function about(): Response
    {
        return new JsonResponse($this->machine->about());
    }
}
