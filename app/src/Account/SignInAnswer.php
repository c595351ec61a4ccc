<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;

/**
 * The reply to signing in. An unknown address and a wrong password give the same words after the same work, so that
 * nobody can find out who has an account.
 */
final readonly class SignInAnswer implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface
{
    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $teacher = $token->getUser();

        return $teacher instanceof Teacher ? new JsonResponse(MeReply::of($teacher)) : new Response(null, Response::HTTP_NO_CONTENT);
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof TooManyLoginAttemptsAuthenticationException) {
            return Problem::response(429, 'too-many-tries', 'Too many tries. Wait a minute, then try again.', headers: ['Retry-After' => '60']);
        }
        for ($cause = $exception; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof UserNotFoundException) {
                $this->hashers->getPasswordHasher(Teacher::class)->hash('the same work as for a known address');
            }
        }

        return Problem::response(401, 'not-signed-in', 'The e-mail address and the password do not fit together.');
    }
}
