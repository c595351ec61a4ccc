<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Account;

use Rostik\App\Account\Teacher;
use Rostik\App\Demo\DemoCommand;
use Rostik\App\Tests\ApiTestCase;

final class SignInTest extends ApiTestCase
{
    public function testSigningInAndOut(): void
    {
        $this->ask('GET', '/api/me');
        self::assertSame(204, $this->code());

        $me = $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
        self::assertSame(200, $this->code());
        unset($me['id']);
        self::assertSame(['name' => 'Arden Vale', 'school' => 'Ombrel Island School', 'administrator' => true, 'deletedDays' => 30, 'letterKeys' => true], $me);
        self::assertSame('Arden Vale', $this->ask('GET', '/api/me')['name'] ?? null);

        $this->ask('POST', '/api/sign-out');
        self::assertSame(204, $this->code());
        $this->ask('GET', '/api/me');
        self::assertSame(204, $this->code());
    }

    public function testAWrongPasswordAndAnUnknownAddressGetTheSameReply(): void
    {
        $wrong = $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => 'no']);
        self::assertSame(401, $this->code());
        $headers = $this->browser->getResponse()->headers->get('Content-Type');
        $unknown = $this->ask('POST', '/api/sign-in', ['email' => 'nobody@ombrel.example', 'password' => 'no']);
        self::assertSame(401, $this->code());
        self::assertSame($wrong, $unknown);
        self::assertSame('application/problem+json', $headers);
    }

    public function testSigningInTakesJsonAlone(): void
    {
        foreach (['text/plain', 'application/x-www-form-urlencoded', ''] as $type) {
            $problem = $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD], ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => $type]);
            self::assertSame(415, $this->code(), $type);
            self::assertSame('not-this-way', $problem['code'] ?? null);
        }
    }

    private const WRONG = ['password' => 'no'];

    /** However the address is spelled, it is one account: its tries are counted together. */
    public function testTriesAreCountedForTheAccountHoweverItIsSpelled(): void
    {
        $spelled = ['arden@ombrel.example', 'ARDEN@OMBREL.EXAMPLE', ' arden@ombrel.example ', "arden\u{200b}@ombrel.example", "\u{ff41}rden@ombrel.example", "arden@ombrel.example\u{200d}", "\u{feff}arden@ombrel.example\t"];
        $codes = [];
        foreach ($spelled as $email) {
            $this->ask('POST', '/api/sign-in', self::WRONG + ['email' => $email]);
            $codes[] = $this->code();
        }
        self::assertSame([401, 401, 401, 401, 401, 429, 429], $codes);
    }

    /** Two addresses that only look alike are two accounts: they are compared letter by letter. */
    public function testAnotherLetterIsAnotherAddress(): void
    {
        $this->ask('POST', '/api/sign-in', ['email' => "\u{e1}rden@ombrel.example", 'password' => DemoCommand::PASSWORD]);
        self::assertSame(401, $this->code());
        $this->ask('POST', '/api/sign-in', ['email' => "Arde\u{ff4e}@ombrel.example ", 'password' => DemoCommand::PASSWORD]);
        self::assertSame(200, $this->code(), 'full width is only another way to type it');
    }

    public function testSigningInToAnotherAccountDoesNotForgetTheTries(): void
    {
        $other = $this->colleague('corin@ombrel.example', 'Corin Bell');
        $other->changePassword(password_hash('kelp and driftwood', \PASSWORD_ARGON2ID, ['memory_cost' => 10, 'time_cost' => 3]));
        $this->entities()->flush();
        $refused = 0;
        for ($i = 0; $i < 24; ++$i) {
            $this->ask('POST', '/api/sign-in', self::WRONG + ['email' => DemoCommand::EMAIL]);
            $refused += 429 === $this->code() ? 1 : 0;
            $this->ask('POST', '/api/sign-in', ['email' => 'corin@ombrel.example', 'password' => 'kelp and driftwood']);
            self::assertSame(200, $this->code(), 'another account of the same school is not shut out');
        }
        // the delays are seconds: on a machine that is busy one may be over
        self::assertGreaterThan(12, $refused);
    }

    public function testTheDelayGrowsAndIsSaid(): void
    {
        for ($i = 0; $i < 6; ++$i) {
            $problem = $this->ask('POST', '/api/sign-in', self::WRONG + ['email' => 'nobody@ombrel.example']);
        }
        self::assertSame([429, 'too-many-tries'], [$this->code(), $problem['code'] ?? null]);
        self::assertSame('2', $this->browser->getResponse()->headers->get('Retry-After'));
        self::assertSame('Too many tries. Wait 2 seconds, then try again.', $problem['detail'] ?? null);
    }

    /** A stranger who tries does not keep the teacher out of her own browser. */
    public function testABrowserThatIsKnownIsCountedByItself(): void
    {
        $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
        $known = $this->browser->getCookieJar()->get('rostik-known', '/api/sign-in');
        self::assertNotNull($known);
        $this->browser->getCookieJar()->clear();
        for ($i = 0; $i < 6; ++$i) {
            $this->ask('POST', '/api/sign-in', self::WRONG + ['email' => DemoCommand::EMAIL]);
        }
        self::assertSame(429, $this->code());
        $this->browser->getCookieJar()->set($known);
        $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
        self::assertSame(200, $this->code());
    }

    /** What is too long is refused before anybody looks whose it is. */
    public function testALongPasswordIsRefusedAlikeForAll(): void
    {
        $said = [];
        foreach ([DemoCommand::EMAIL, 'nobody@ombrel.example'] as $email) {
            $before = hrtime(true);
            $said[] = $this->ask('POST', '/api/sign-in', ['email' => $email, 'password' => str_repeat('a', 4100)]);
            self::assertLessThan(1e9, hrtime(true) - $before);
            self::assertSame(401, $this->code());
        }
        self::assertSame($said[0], $said[1]);
    }

    public function testAnAccountThatHasEndedCannotSignInAndItsSessionEnds(): void
    {
        $this->signIn();
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => DemoCommand::EMAIL]);
        self::assertNotNull($teacher);
        $teacher->end(new \DateTimeImmutable());
        $this->entities()->flush();
        $this->ask('GET', '/api/sheets');
        self::assertSame(401, $this->code());
        $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);
        self::assertSame(401, $this->code());
    }

    public function testPasswordsAreKeptAsArgon2id(): void
    {
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => DemoCommand::EMAIL]);
        self::assertSame('argon2id', password_get_info((string) $teacher?->getPassword())['algoName']);
    }

    public function testRequestsFromOtherSitesAreRefused(): void
    {
        foreach ([[], ['HTTP_ORIGIN' => 'http://elsewhere.example'], ['HTTP_ORIGIN' => 'null'], ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_SEC_FETCH_SITE' => 'cross-site']] as $server) {
            // or else this test browser would name our own page as the referrer
            $this->browser->getHistory()->clear();
            $problem = $this->ask('POST', '/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD], $server);
            self::assertSame(403, $this->code(), implode('', $server));
            self::assertSame('from-elsewhere', $problem['code'] ?? null);
        }
        $this->signIn();
        $this->browser->getHistory()->clear();
        $this->ask('POST', '/api/sheets', ['title' => 'Forged', 'questions' => []], ['HTTP_ORIGIN' => 'http://elsewhere.example']);
        self::assertSame(403, $this->code());
    }

    public function testWithoutSigningInThereIsNothingToSee(): void
    {
        foreach (['/api/sheets', '/api/sheets/0', '/print/sheets/0', '/print/sheets/0.pdf'] as $path) {
            $this->ask('GET', $path);
            self::assertSame(401, $this->code(), $path);
        }
    }
}
