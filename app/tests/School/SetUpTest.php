<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use Rostik\App\Tests\ApiTestCase;

/** A new installation, before anybody has an account. */
final class SetUpTest extends ApiTestCase
{
    private const SCHOOL = ['school' => 'Fell Harbour School', 'name' => 'Corin Bell', 'email' => 'corin@fell.example', 'password' => 'kelp and driftwood'];
    private const HERE = ['HTTP_ORIGIN' => 'http://localhost', 'REMOTE_ADDR' => '127.0.0.1'];

    protected function setUp(): void
    {
        $_SERVER['ROSTIK_SET_UP_WORD'] = $_ENV['ROSTIK_SET_UP_WORD'] = hash('sha256', 'k7qm2xtv9hpd');
        parent::setUp();
        // rolled back like all else
        foreach (['DELETE FROM classroom', 'DELETE FROM teacher', 'DELETE FROM school'] as $statement) {
            $this->entities()->getConnection()->executeStatement($statement);
        }
    }

    protected function tearDown(): void
    {
        unset($_SERVER['ROSTIK_SET_UP_WORD'], $_ENV['ROSTIK_SET_UP_WORD']);
        parent::tearDown();
    }

    public function testTheFirstSchoolIsSetUpOnceAtTheMachineItself(): void
    {
        self::assertSame(['wanted' => true, 'here' => true], $this->ask('GET', '/api/set-up', null, self::HERE));
        $no = $this->ask('POST', '/api/set-up', ['password' => 'short'] + self::SCHOOL, self::HERE);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('needs 10 letters', self::text($no, 'detail'));
        $this->ask('POST', '/api/set-up', self::SCHOOL, self::HERE);
        self::assertSame(204, $this->code());
        self::assertSame(['wanted' => false, 'here' => false], $this->ask('GET', '/api/set-up', null, self::HERE));
        $this->ask('POST', '/api/set-up', ['email' => 'other@fell.example'] + self::SCHOOL, self::HERE);
        self::assertSame(422, $this->code(), 'there is one already');
        $me = $this->ask('POST', '/api/sign-in', self::SCHOOL);
        self::assertSame(['Corin Bell', 'Fell Harbour School', true], [$me['name'] ?? null, $me['school'] ?? null, $me['administrator'] ?? null]);
    }

    public function testFromElsewhereItTakesTheWordOfTheTerminal(): void
    {
        $elsewhere = [
            ['REMOTE_ADDR' => '192.0.2.7'],
            // through somebody who passes on
            ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_X_FORWARDED_FOR' => '192.0.2.7'],
            ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_FORWARDED' => 'for=192.0.2.7'],
        ];
        foreach ($elsewhere as $server) {
            $server += ['HTTP_ORIGIN' => 'http://localhost'];
            self::assertSame(['wanted' => true, 'here' => false], $this->ask('GET', '/api/set-up', null, $server));
            foreach (['', 'k7qm-2xtv-9hpe'] as $word) {
                $no = $this->ask('POST', '/api/set-up', ['word' => $word] + self::SCHOOL, $server);
                self::assertSame([403, 'word-wanted'], [$this->code(), $no['code'] ?? null]);
            }
        }
        // a name that a stranger's page could have is answered by nobody
        $this->ask('GET', '/api/set-up', null, ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => 'rebound.example']);
        self::assertSame(400, $this->code());
        $this->ask('POST', '/api/set-up', ['word' => ' K7QM-2xtv 9hpd '] + self::SCHOOL, ['REMOTE_ADDR' => '192.0.2.7', 'HTTP_HOST' => 'localhost', 'HTTP_ORIGIN' => 'http://localhost']);
        self::assertSame(204, $this->code());
    }
}
