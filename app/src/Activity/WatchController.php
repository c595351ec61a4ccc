<?php

declare(strict_types=1);

namespace Rostik\App\Activity;

use Psr\Clock\ClockInterface;
use Rostik\App\Api\Problem;
use Rostik\App\Practice\Seat;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The JSON API of tablets that are watches. */
final readonly class WatchController
{
    public function __construct(private Tallies $tallies, private ClockInterface $clock)
    {
    }

    /** 410 where it is over, or something else is practised. */
    #[Route('/api/go/tries', methods: ['POST'])]
    public function tried(#[CurrentUser] Seat $seat, #[MapRequestPayload] TabletTryRequest $try): Response
    {
        $practice = $seat->practice();
        if (null === $practice->target() || $seat->hasLeft() || !$practice->isOpen($this->clock->now())) {
            return Problem::response(410, 'practice-over', $practice->lastWord());
        }

        return new JsonResponse($this->tallies->fromTablet($seat, $try->n, $try->tenths));
    }
}
