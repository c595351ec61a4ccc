<?php

declare(strict_types=1);

namespace Rostik\App\Account;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** A cookie that tells that an account has signed in from this browser before; it opens nothing by itself. */
final readonly class KnownBrowser
{
    public const NAME = 'rostik-known';

    private const KEPT = '+180 days';

    public function __construct(private Sealing $sealing)
    {
    }

    public function cookie(Request $request, Address $account, \DateTimeImmutable $now): Cookie
    {
        $nonce = bin2hex(random_bytes(16));

        return Cookie::create(self::NAME, $nonce.'.'.$this->seal($account, $nonce), $now->modify(self::KEPT), '/api/sign-in', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    /** What the tries of this account from this browser are counted under: its own where it is known, or else that of all others. */
    public function countedAs(Request $request, Address $account): string
    {
        $cookie = $request->cookies->all()[self::NAME] ?? '';
        $known = \is_string($cookie) && 1 === preg_match('/^([0-9a-f]{32})\.([0-9a-f]{64})$/', $cookie, $m) && hash_equals($this->seal($account, $m[1]), $m[2]) ? $m[1] : '';

        return $this->sealing->mark('tries', $known."\0".$account);
    }

    private function seal(Address $account, string $nonce): string
    {
        return bin2hex($this->sealing->mark('known', $nonce."\0".$account));
    }
}
