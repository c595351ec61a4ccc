<?php

declare(strict_types=1);

namespace Rostik\App\Search;

use Rostik\App\Account\Teacher;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of finding things again. */
final readonly class SearchController
{
    public function __construct(private Searching $searching)
    {
    }

    #[Route('/api/search', methods: ['GET'])]
    public function find(#[CurrentUser] Teacher $teacher, #[MapQueryParameter] string $q = ''): Response
    {
        return new JsonResponse($this->searching->find($teacher, mb_substr($q, 0, Searching::LONGEST)));
    }
}
