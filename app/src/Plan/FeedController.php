<?php

declare(strict_types=1);

namespace Rostik\App\Plan;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The calendar of a class for whoever has its private address: calendars cannot sign in. */
final readonly class FeedController
{
    public function __construct(private Feeds $feeds)
    {
    }

    #[Route('/calendar/{secret}.ics', methods: ['GET'])]
    public function calendar(string $secret): Response
    {
        $class = $this->feeds->at($secret) ?? throw new NotFoundHttpException();

        return new Response($this->feeds->calendar($class), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=900', 'Referrer-Policy' => 'no-referrer']);
    }
}
