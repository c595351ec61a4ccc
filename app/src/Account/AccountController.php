<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Who is signed in. Signing in and out are done by the firewall. */
final class AccountController
{
    /** The teacher who is signed in, or 204 where nobody is. */
    #[Route('/api/me', name: 'api_me', methods: ['GET'])]
    public function me(#[CurrentUser] ?Teacher $teacher): Response
    {
        return null === $teacher ? new Response(null, Response::HTTP_NO_CONTENT) : new JsonResponse(MeReply::of($teacher));
    }

    /** The firewall answers whatever is sent as JSON; what is not comes here. */
    #[Route('/api/sign-in', name: 'api_sign_in', methods: ['POST'])]
    public function signIn(): Response
    {
        return Problem::response(Response::HTTP_UNSUPPORTED_MEDIA_TYPE, 'not-this-way', 'Address and password have to be sent as JSON.');
    }

    #[Route('/api/sign-out', name: 'api_sign_out', methods: ['POST'])]
    public function signOut(): Response
    {
        throw new \LogicException('The firewall answers this.');
    }
}
