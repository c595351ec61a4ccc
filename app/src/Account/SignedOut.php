<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** The reply to signing out: nothing, rather than a way to another page. */
#[AsEventListener(dispatcher: 'security.event_dispatcher.main')]
final class SignedOut
{
    public function __invoke(LogoutEvent $event): void
    {
        $event->setResponse(new Response(null, Response::HTTP_NO_CONTENT));
    }
}
