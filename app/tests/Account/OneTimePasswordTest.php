<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Account;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rostik\App\Account\OneTimePassword;

final class OneTimePasswordTest extends TestCase
{
    /** Seconds, hash and code of RFC 6238, appendix B; the secrets are those of its reference implementation, appendix A. */
    private const PUBLISHED = [
        [59, 'sha1', '94287082'], [59, 'sha256', '46119246'], [59, 'sha512', '90693936'],
        [1111111109, 'sha1', '07081804'], [1111111109, 'sha256', '68084774'], [1111111109, 'sha512', '25091201'],
        [1111111111, 'sha1', '14050471'], [1111111111, 'sha256', '67062674'], [1111111111, 'sha512', '99943326'],
        [1234567890, 'sha1', '89005924'], [1234567890, 'sha256', '91819424'], [1234567890, 'sha512', '93441116'],
        [2000000000, 'sha1', '69279037'], [2000000000, 'sha256', '90698825'], [2000000000, 'sha512', '38618901'],
        [20000000000, 'sha1', '65353130'], [20000000000, 'sha256', '77737706'], [20000000000, 'sha512', '47863826'],
    ];

    /** @return iterable<string, array{int, 'sha1'|'sha256'|'sha512', string}> */
    public static function published(): iterable
    {
        foreach (self::PUBLISHED as [$at, $hash, $code]) {
            yield $hash.' at '.$at => [$at, $hash, $code];
        }
    }

    /** @param 'sha1'|'sha256'|'sha512' $hash */
    #[DataProvider('published')]
    public function testTheValuesOfTheStandard(int $at, string $hash, string $code): void
    {
        $secret = substr(str_repeat('1234567890', 7), 0, ['sha1' => 20, 'sha256' => 32, 'sha512' => 64][$hash]);
        self::assertSame($code, (new OneTimePassword($secret, 8, $hash))->at($at));
    }

    /** RFC 4226, appendix D: the first ten, which are those of the first ten intervals. */
    public function testTheValuesOfTheStandardBelowIt(): void
    {
        $password = new OneTimePassword('12345678901234567890');
        self::assertSame(
            ['755224', '287082', '359152', '969429', '338314', '254676', '287922', '162583', '399871', '520489'],
            array_map(static fn (int $count): string => $password->at(30 * $count), range(0, 9)),
        );
    }

    public function testAClockMayBeOffByOneIntervalAndNoCodeIsTakenTwice(): void
    {
        $password = new OneTimePassword('12345678901234567890');
        $at = 1111111111;
        $now = intdiv($at, 30);
        foreach ([-2 => null, -1 => $now - 1, 0 => $now, 1 => $now + 1, 2 => null] as $off => $interval) {
            self::assertSame($interval, $password->interval($password->at($at + 30 * $off), $at), (string) $off);
        }
        self::assertSame($now, $password->interval(' '.substr($password->at($at), 0, 3).' '.substr($password->at($at), 3), $at), 'with a space in it');
        self::assertNull($password->interval($password->at($at), $at, $now), 'taken before');
        self::assertNull($password->interval('', $at));
    }

    /** RFC 4648, 10: the letters of its test vectors, without their padding. */
    public function testTheSecretIsTypedInBase32(): void
    {
        foreach (['f' => 'MY', 'fo' => 'MZXQ', 'foo' => 'MZXW6', 'foob' => 'MZXW6YQ', 'fooba' => 'MZXW6YTB', 'foobar' => 'MZXW6YTBOI'] as $bytes => $typed) {
            self::assertSame($typed, (new OneTimePassword($bytes))->typed());
        }
        self::assertSame('otpauth://totp/Rostik:corin%40ombrel.example?secret=MZXW6YTBOI&issuer=Rostik', (new OneTimePassword('foobar'))->uri('Rostik', 'corin@ombrel.example'));
        self::assertSame(20, \strlen(OneTimePassword::newKey()));
    }
}
