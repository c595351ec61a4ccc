<?php

declare(strict_types=1);

namespace Rostik\App\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/**
 * Against requests forged by other sites: whatever is not merely reading must come from a page of our own. Symfony's
 * same-origin token manager compares the Origin header, which browsers always send with such requests.
 * Runs before the firewall, so that signing in is covered too.
 */
#[AsEventListener(event: KernelEvents::REQUEST, priority: 12)]
final readonly class SameOriginListener
{
    /** The working-out of a sum and the empty reply change nothing. */
    private const CHANGE_NOTHING = ['/api/work', '/api/empty'];

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe() || \in_array($request->getPathInfo(), self::CHANGE_NOTHING, true)) {
            return;
        }
        if (!$request->headers->has('Origin') || !$this->tokens->isTokenValid(new CsrfToken('api', 'csrf-token'))) {
            $event->setResponse(Problem::response(403, 'from-elsewhere', 'This was not sent from a page of Rostik. Reload the page and try again.'));
        }
    }
}
