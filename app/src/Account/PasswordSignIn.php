<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/**
 * Signing in with address and password, and with a code where the teacher has a second step. An unknown address, an account
 * that has ended and a wrong password give the same words after the same work, so that nobody can find out who has an account.
 */
final class PasswordSignIn extends AbstractAuthenticator
{
    public function __construct(
        private readonly PasswordHasherFactoryInterface $hashers,
        private readonly Teachers $teachers,
        private readonly SecondSteps $secondSteps,
        private readonly Tries $tries,
        private readonly KnownBrowser $browser,
        private readonly SessionRows $sessions,
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
        private readonly Audit $audit,
    ) {
    }

    public function supports(Request $request): bool
    {
        return 'POST' === $request->getMethod() && '/api/sign-in' === $request->getPathInfo() && 'json' === $request->getContentTypeFormat();
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $sent = json_decode($request->getContent(), true, 8);
        $sent = \is_array($sent) ? $sent : [];
        $typed = static fn (string $name): string => \is_string($sent[$name] ?? null) ? $sent[$name] : '';
        $password = $typed('password');
        if (\strlen($password) > Passwords::LONGEST) {
            throw new NotSignedIn('not-signed-in', \sprintf('No password has more than %d letters.', Passwords::LONGEST));
        }
        $address = Address::typed($typed('email'));
        $who = $this->browser->countedAs($request, $address);
        $wait = $this->tries->count($who);
        if ($wait > 0) {
            $this->audit->note('sign-in: too soon', $this->teachers->byAddress($address));
            throw NotSignedIn::tooSoon($wait);
        }
        $teacher = $this->teachers->byAddress($address);
        $hasher = $this->hashers->getPasswordHasher(Teacher::class);
        $hash = (string) $teacher?->getPassword();
        // nothing typed takes as long as anything else
        $password = '' === $password ? ' ' : $password;
        $usable = null !== $teacher && !$teacher->isEnded() && '' !== $hash;
        // hashing is the same work as verifying
        $right = $usable ? $hasher->verify($hash, $password) : '' === $hasher->hash($password);
        if (!$usable || !$right) {
            $this->audit->note('sign-in: refused', $teacher);
            throw new NotSignedIn('not-signed-in', 'The e-mail address and the password do not match.');
        }
        if ($this->secondSteps->isInUse($teacher)) {
            if ('' === trim($typed('code'))) {
                throw new NotSignedIn('second-step', 'Now the code from your app, or a recovery code.');
            }
            if (!$this->secondSteps->check($teacher, $typed('code'))) {
                $this->audit->note('sign-in: wrong code', $teacher);
                throw new NotSignedIn('wrong-code', 'That code does not fit. Wait for the next one in your app and type it: 123 456');
            }
        }
        if ($hasher->needsRehash($hash)) {
            $teacher->changePassword($hasher->hash($password));
        }
        $this->entities->flush();
        $this->tries->forget($who);
        $this->audit->note('sign-in', $teacher);

        return new SelfValidatingPassport(new UserBadge($teacher->getUserIdentifier(), static fn (): Teacher => $teacher));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): Response
    {
        $teacher = $token->getUser();
        if (!$teacher instanceof Teacher) {
            throw new \LogicException('Teachers sign in here.');
        }
        $this->sessions->begins($teacher->id(), (string) $request->headers->get('User-Agent'));
        $response = new JsonResponse(MeReply::of($teacher));
        $response->headers->setCookie($this->browser->cookie($request, Address::typed($teacher->email()), $this->clock->now()));

        return $response;
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        $no = $exception instanceof NotSignedIn ? $exception : new NotSignedIn('not-signed-in', 'The e-mail address and the password do not match.');

        return null === $no->wait
            ? Problem::response(401, $no->reason, $no->getMessage())
            : Problem::response(429, $no->reason, $no->getMessage(), headers: ['Retry-After' => (string) $no->wait]);
    }
}
