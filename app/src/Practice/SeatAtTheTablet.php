<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Api\Problem;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/**
 * A tablet shows the secret that it got when its child came in: 256 random bits in a cookie that only the addresses of
 * practice get to see. It leads to that one seat, and to nothing else; a teacher's session leads nowhere here.
 */
final class SeatAtTheTablet extends AbstractAuthenticator implements AuthenticationEntryPointInterface
{
    private const NAME = 'rostik-seat';

    public function __construct(private readonly Sitting $sitting)
    {
    }

    public static function draw(): string
    {
        return bin2hex(random_bytes(32));
    }

    public static function cookie(Request $request, string $secret, \DateTimeImmutable $until): Cookie
    {
        return Cookie::create(self::NAME, $secret, $until, '/api/go', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    public static function clear(Response $response): void
    {
        $response->headers->clearCookie(self::NAME, '/api/go');
    }

    public function supports(Request $request): bool
    {
        return '' !== self::secret($request);
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $seat = $this->sitting->bySecret(self::secret($request)) ?? throw new CustomUserMessageAuthenticationException();

        return new SelfValidatingPassport(new UserBadge($seat->getUserIdentifier(), static fn (): Seat => $seat));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** Whoever has an old secret is a stranger, who may come in. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::response(401, 'come-in-first', 'Type the code that is on the board.');
    }

    private static function secret(Request $request): string
    {
        $sent = $request->cookies->all()[self::NAME] ?? '';

        return \is_string($sent) && 1 === preg_match('/^[0-9a-f]{64}$/D', $sent) ? $sent : '';
    }
}
