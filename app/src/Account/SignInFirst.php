<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Authentication\Token\Storage\TokenStorageInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** The reply to anyone who is not signed in. It is given before the firewall begins a session, to remember where a stranger wanted to go. */
#[AsEventListener(event: KernelEvents::EXCEPTION, priority: 8)]
final readonly class SignInFirst implements AuthenticationEntryPointInterface
{
    public function __construct(private TokenStorageInterface $tokens)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if ($event->getThrowable() instanceof AccessDeniedException && null === $this->tokens->getToken()) {
            $event->setResponse($this->start($event->getRequest()));
        }
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::response(401, 'sign-in-first', 'Please sign in.');
    }
}
