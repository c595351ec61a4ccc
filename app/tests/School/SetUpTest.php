<?php

declare(strict_types=1);

namespace Rostik\App\Tests\School;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Tests\ApiTestCase;

/** A new installation, before anybody has an account. */
final class SetUpTest extends ApiTestCase
{
    private const WORD = 'k7qm-2xtv-9hpd';
    private const SCHOOL = ['school' => 'Fell Harbour School', 'name' => 'Corin Bell', 'email' => 'corin@fell.example', 'password' => 'kelp and driftwood', 'word' => self::WORD];
    private const FROM = ['HTTP_ORIGIN' => 'http://localhost', 'REMOTE_ADDR' => '127.0.0.1'];

    protected function setUp(): void
    {
        $_SERVER['ROSTIK_SET_UP_WORD'] = $_ENV['ROSTIK_SET_UP_WORD'] = hash('sha256', str_replace('-', '', self::WORD));
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

    public function testTheFirstSchoolIsSetUpOnceByWhoHasTheWord(): void
    {
        self::assertSame(['wanted' => true], $this->ask('GET', '/api/set-up', null, self::FROM));
        $no = $this->ask('POST', '/api/set-up', ['password' => 'short'] + self::SCHOOL, self::FROM);
        self::assertSame(422, $this->code());
        self::assertStringContainsString('needs 10 letters', self::text($no, 'detail'));
        $this->ask('POST', '/api/set-up', ['word' => ' K7QM-2xtv 9hpd '] + self::SCHOOL, self::FROM);
        self::assertSame(204, $this->code());
        self::assertSame(['wanted' => false], $this->ask('GET', '/api/set-up', null, self::FROM));
        $this->ask('POST', '/api/set-up', ['email' => 'other@fell.example'] + self::SCHOOL, self::FROM);
        self::assertSame(422, $this->code(), 'there is one already');
        $me = $this->ask('POST', '/api/sign-in', self::SCHOOL);
        self::assertSame(['Corin Bell', 'Fell Harbour School', true], [$me['name'] ?? null, $me['school'] ?? null, $me['administrator'] ?? null]);
    }

    /** @param array<string, string> $server */
    #[DataProvider('places')]
    public function testWithoutTheWordNobodyDoesWhereverTheySit(array $server): void
    {
        foreach (['', 'k7qm-2xtv-9hpe'] as $word) {
            $no = $this->ask('POST', '/api/set-up', ['word' => $word] + self::SCHOOL, $server + ['HTTP_ORIGIN' => 'http://localhost']);
            self::assertSame([403, 'word-wanted'], [$this->code(), $no['code'] ?? null]);
        }
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function places(): iterable
    {
        yield 'at the machine' => [['REMOTE_ADDR' => '127.0.0.1']];
        yield 'at the machine, by IPv6' => [['REMOTE_ADDR' => '::1']];
        yield 'in the network' => [['REMOTE_ADDR' => '192.0.2.7']];
        // a proxy that passes on everything but who asked looks like the machine itself
        yield 'through a proxy that says so' => [['REMOTE_ADDR' => '127.0.0.1', 'HTTP_X_FORWARDED_FOR' => '192.0.2.7']];
    }

    public function testWhereNoWordWasMadeNoneFits(): void
    {
        unset($_SERVER['ROSTIK_SET_UP_WORD'], $_ENV['ROSTIK_SET_UP_WORD']);
        foreach (['', self::WORD] as $word) {
            $this->ask('POST', '/api/set-up', ['word' => $word] + self::SCHOOL, self::FROM);
            self::assertSame(403, $this->code());
        }
    }

    public function testANameThatAStrangersPageCouldHaveIsAnsweredByNobody(): void
    {
        $this->ask('GET', '/api/set-up', null, ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => 'rebound.example']);
        self::assertSame(400, $this->code());
    }
}
