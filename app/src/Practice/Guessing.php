<?php

declare(strict_types=1);

namespace Rostik\App\Practice;

use Rostik\App\Account\Sealing;
use Rostik\App\Account\Tries;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/**
 * Wrong codes are counted, so that nobody finds a class by trying. A tablet that has come in before is counted by itself: a
 * child that guesses stops its own tablet for a while, and no other. All tablets that came in by one practice are counted
 * together as well, and so are those of one address, so that whoever has one code wins nothing by coming in again and again.
 * Tablets that nobody knows yet are counted by their address, where a whole school may be behind one, and all together
 * ({@see Code} has the arithmetic). A right code is taken off the count again.
 */
final readonly class Guessing
{
    private const NAME = 'rostik-tablet';
    private const KEPT = '+180 days';

    /** Wrong codes after which there are delays. */
    private const OF_A_TABLET = 8;
    private const OF_A_PRACTICE = 120;
    private const OF_KNOWN_AT_AN_ADDRESS = 300;
    private const OF_AN_ADDRESS = 60;
    private const OF_ALL = 600;

    /** And wrong pictures of one child. */
    private const PICTURES = 5;

    public function __construct(private Tries $tries, private Sealing $sealing)
    {
    }

    /** @return int 0, or the seconds to wait */
    public function code(Request $request): int
    {
        foreach ($this->counted($request) as $who => $free) {
            $wait = $this->tries->count((string) $who, $free);
            if ($wait > 0) {
                return $wait;
            }
        }

        return 0;
    }

    public function rightCode(Request $request): void
    {
        foreach (array_keys($this->counted($request)) as $who) {
            $this->tries->takeBack((string) $who);
        }
    }

    /** @return int 0, or the seconds to wait */
    public function pictures(string $child): int
    {
        return $this->tries->count($this->sealing->mark('pictures', $child), self::PICTURES);
    }

    public function rightPictures(string $child): void
    {
        $this->tries->forget($this->sealing->mark('pictures', $child));
    }

    /** A tablet that has come in is known from now on. */
    public function cookie(Request $request, Practice $practice, \DateTimeImmutable $now): Cookie
    {
        $nonce = $this->known($request)[0] ?? bin2hex(random_bytes(16));
        $by = bin2hex($practice->id()->toBinary());

        return Cookie::create(self::NAME, $nonce.'.'.$by.'.'.bin2hex($this->sealing->mark('tablet', $nonce.$by)), $now->modify(self::KEPT), '/api/go', null, $request->isSecure(), true, false, Cookie::SAMESITE_STRICT);
    }

    /** @return array<string, int> how many are free, by whom they are counted under */
    private function counted(Request $request): array
    {
        $known = $this->known($request);

        return null !== $known
            ? [
                $this->sealing->mark('codes of a tablet', $known[0]) => self::OF_A_TABLET,
                $this->sealing->mark('codes of a practice', $known[1]) => self::OF_A_PRACTICE,
                $this->sealing->mark('codes of known tablets', (string) $request->getClientIp()) => self::OF_KNOWN_AT_AN_ADDRESS,
            ]
            : [$this->sealing->mark('codes of an address', (string) $request->getClientIp()) => self::OF_AN_ADDRESS, $this->sealing->mark('codes of all', '') => self::OF_ALL];
    }

    /** @return ?array{string, string} its own mark, and that of the practice by which it came in */
    private function known(Request $request): ?array
    {
        $cookie = $request->cookies->all()[self::NAME] ?? '';

        return \is_string($cookie) && 1 === preg_match('/^([0-9a-f]{32})\.([0-9a-f]{32})\.([0-9a-f]{64})$/D', $cookie, $m) && hash_equals(bin2hex($this->sealing->mark('tablet', $m[1].$m[2])), $m[3]) ? [$m[1], $m[2]] : null;
    }
}
