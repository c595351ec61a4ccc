<?php

declare(strict_types=1);

namespace Rostik\App\Problem;

use Rostik\Core\Notation\NotUnderstood;
use Rostik\Core\Notation\SumReader;
use Rostik\Core\Work\Telling;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Reads problems in words. Stateless: no session, no database. */
final readonly class ProblemController
{
    public function __construct(private Telling $telling, private SumReader $reader)
    {
    }

    /** The words of a question in, a {@see \Rostik\Core\Work\ToldProblem} out: what was understood of them, and whether their sum is the one that stands there. */
    #[Route('/api/problem', name: 'api_problem', methods: ['POST'])]
    public function read(Request $request): Response
    {
        $wanted = ReadRequest::of($request);
        try {
            $sum = '' === trim($wanted->sum) ? null : $this->reader->read($wanted->sum)->sum;
        } catch (NotUnderstood) {
            // that is said beside the sum itself
            $sum = null;
        }

        return new JsonResponse($this->telling->text($wanted->text, $wanted->style, $sum));
    }
}
