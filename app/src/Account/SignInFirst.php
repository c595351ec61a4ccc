<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** The reply to anyone who is not signed in. */
final class SignInFirst implements AuthenticationEntryPointInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::response(401, 'sign-in-first', 'Please sign in.');
    }
}
