<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Rostik\App\Api\Problem;
use Rostik\Core\Method\MethodBook;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
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

    /** The class works one kind of sum in this method from now on. */
    #[Route('/api/me/house-method', methods: ['PUT'])]
    public function houseMethod(#[CurrentUser] Teacher $teacher, #[MapRequestPayload] HouseMethodRequest $wanted, EntityManagerInterface $entities, MethodBook $methods): Response
    {
        if (null !== $wanted->method && !\in_array($wanted->method, $methods->ids(), true)) {
            return Problem::response(422, 'no-such-method', \sprintf('There is no method “%s”. One that there is: number-line', $wanted->method));
        }
        $teacher->useHouseMethod($wanted->kind, $wanted->method);
        $entities->flush();

        return new JsonResponse(MeReply::of($teacher));
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
