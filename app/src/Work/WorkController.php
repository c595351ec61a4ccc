<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\Core\Notation\Style;
use Rostik\Core\Work\Workbench;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Works a sum. Stateless: no session, no database. */
final readonly class WorkController
{
    public function __construct(private Workbench $bench)
    {
    }

    /** A sum's text in, a {@see \Rostik\Core\Work\WorkedSum} out; 422 with what was not understood. */
    #[Route('/api/work', name: 'api_work', methods: ['POST'])]
    public function work(Request $request): Response
    {
        $wanted = WorkRequest::of($request);

        return new JsonResponse($this->bench->work($wanted->sum, $wanted->style ?? new Style(), $wanted->methods));
    }

    /** An empty reply, against which `rostik bench` measures the others. */
    #[Route('/api/empty', name: 'api_empty', methods: ['GET', 'POST'])]
    public function empty(): Response
    {
        return new JsonResponse();
    }
}
