<?php

declare(strict_types=1);

namespace Rostik\App\Account;

/**
 * Time-based one-time passwords: RFC 6238 on RFC 4226, with the values that all authenticator apps take by default
 * (SHA-1, six digits, thirty seconds).
 */
final readonly class OneTimePassword
{
    /** Seconds (RFC 6238, 4.1: X). */
    public const INTERVAL = 30;

    /** So many intervals a clock may be off, either way (RFC 6238, 5.2: at most one is recommended). */
    private const DRIFT = 1;

    /**
     * @param string                   $key    the shared secret, as bytes; RFC 4226, 4: at least 16, 20 recommended
     * @param int<6, 8>                $digits
     * @param 'sha1'|'sha256'|'sha512' $hash
     */
    public function __construct(#[\SensitiveParameter] private string $key, private int $digits = 6, private string $hash = 'sha1')
    {
    }

    /** A new secret of 160 bits. */
    public static function newKey(): string
    {
        return random_bytes(20);
    }

    /** @param int $at seconds since 1970 */
    public function at(int $at): string
    {
        return $this->of(intdiv($at, self::INTERVAL));
    }

    /**
     * The number of the interval whose code was typed, of those about now that come after the last one used; null where it is
     * none of them.
     *
     * @param int $at   seconds since 1970
     * @param int $last number of an interval
     */
    public function interval(string $typed, int $at, int $last = 0): ?int
    {
        $typed = preg_replace('/\s+/u', '', $typed) ?? '';
        $now = intdiv($at, self::INTERVAL);
        $found = null;
        for ($interval = $now - self::DRIFT; $interval <= $now + self::DRIFT; ++$interval) {
            // all are compared, so that the time tells nothing
            if (hash_equals($this->of($interval), $typed) && $interval > $last) {
                $found = $interval;
            }
        }

        return $found;
    }

    /** The secret as apps take it when it is typed: RFC 4648, base 32, without padding. */
    public function typed(): string
    {
        $bits = '';
        foreach (str_split($this->key) as $byte) {
            $bits .= str_pad(decbin(\ord($byte)), 8, '0', \STR_PAD_LEFT);
        }

        return implode('', array_map(static fn (string $five): string => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'[(int) bindec(str_pad($five, 5, '0'))], str_split($bits, 5)));
    }

    /** As a picture holds it, in the form that authenticator apps read (otpauth, common practice, no standard). */
    public function uri(string $issuer, string $account): string
    {
        return \sprintf('otpauth://totp/%s:%s?%s', rawurlencode($issuer), rawurlencode($account), http_build_query(['secret' => $this->typed(), 'issuer' => $issuer], '', '&', \PHP_QUERY_RFC3986));
    }

    /** HOTP (RFC 4226, 5.3) of the number of the interval. */
    private function of(int $interval): string
    {
        $hash = hash_hmac($this->hash, pack('J', $interval), $this->key, true);
        $offset = \ord($hash[-1]) & 0xF;
        /** @var array{int} $word */
        $word = array_values((array) unpack('N', substr($hash, $offset, 4)));

        return str_pad((string) (($word[0] & 0x7FFFFFFF) % 10 ** $this->digits), $this->digits, '0', \STR_PAD_LEFT);
    }
}
