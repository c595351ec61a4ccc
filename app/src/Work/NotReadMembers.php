<?php

declare(strict_types=1);

namespace Rostik\App\Work;

use Rostik\App\Api\ProblemMembers;
use Rostik\Core\Problem\ProblemNotRead;
use Rostik\Core\Work\Telling;
use Symfony\Component\HttpFoundation\Request;

/** What was understood of a problem in words that was not surely read, and what to choose from. */
final readonly class NotReadMembers implements ProblemMembers
{
    public function __construct(private Telling $telling)
    {
    }

    public function of(\Throwable $thrown, Request $request): array
    {
        return $thrown instanceof ProblemNotRead ? ['told' => $this->telling->of($thrown->read, WantedStyle::of($request->toArray()['style'] ?? null))] : [];
    }
}
