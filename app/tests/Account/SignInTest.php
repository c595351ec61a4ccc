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
        self::assertSame(['name' => 'Arden Vale', 'school' => 'Ombrel Island School'], $me);
        self::assertSame($me, $this->ask('GET', '/api/me'));

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

    public function testTriesAreLimited(): void
    {
        for ($i = 0; $i < 5; ++$i) {
            $this->ask('POST', '/api/sign-in', ['email' => 'nobody@ombrel.example', 'password' => 'no']);
            self::assertSame(401, $this->code());
        }
        $problem = $this->ask('POST', '/api/sign-in', ['email' => 'nobody@ombrel.example', 'password' => 'no']);
        self::assertSame(429, $this->code());
        self::assertSame('too-many-tries', $problem['code'] ?? null);
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
