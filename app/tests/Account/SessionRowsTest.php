<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Account;

use Doctrine\DBAL\Connection;
use Rostik\App\Account\SessionRows;
use Rostik\App\Account\Teacher;
use Rostik\App\Demo\DemoCommand;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Uid\Uuid;

/** Sessions as PHP asks for them: each request has a handler of its own. */
final class SessionRowsTest extends ApiTestCase
{
    private MockClock $clock;

    protected function setUp(): void
    {
        parent::setUp();
        $this->clock = new MockClock('2026-11-27 08:00:00');
    }

    private function connection(): Connection
    {
        return $this->entities()->getConnection();
    }

    private function request(): SessionRows
    {
        $handler = new SessionRows($this->connection(), $this->clock);
        $handler->open('', 'rostik');

        return $handler;
    }

    private function teacher(): Uuid
    {
        $teacher = $this->entities()->getRepository(Teacher::class)->findOneBy(['email' => DemoCommand::EMAIL]);
        self::assertNotNull($teacher);

        return $teacher->id();
    }

    private function begun(string $id): void
    {
        $request = $this->request();
        self::assertSame('', $request->read($id));
        $request->begins($this->teacher(), 'Browser');
        self::assertTrue($request->write($id, 'who'));
    }

    public function testWhatAStrangerDoesIsNotKept(): void
    {
        $request = $this->request();
        self::assertSame('', $request->read('stranger'));
        self::assertTrue($request->write('stranger', 'where it wanted to go'));
        self::assertSame('', $this->request()->read('stranger'));
        self::assertEquals(0, $this->kept());
    }

    public function testWhoHasSignedInIsKnownAtTheNextRequest(): void
    {
        $this->begun('one');
        self::assertSame('who', $this->request()->read('one'));
        self::assertEquals(0, $this->connection()->fetchOne('SELECT COUNT(*) FROM sign_in WHERE id LIKE "%one%"'), 'the id itself is not kept');
    }

    /** A request that was under way when its session ended writes it at its own end. */
    public function testASessionThatHasEndedIsNotWrittenAgain(): void
    {
        $this->begun('one');
        $slow = $this->request();
        $slow->read('one');
        $out = $this->request();
        $out->read('one');
        $out->destroy('one');
        self::assertTrue($slow->write('one', 'who, and what it did'));
        self::assertTrue($slow->updateTimestamp('one', 'who'));
        self::assertSame('', $this->request()->read('one'));
    }

    public function testItEndsWithoutUseAndInAnyCaseAfterAWeek(): void
    {
        $this->begun('one');
        $this->clock->modify('+11 hours');
        $request = $this->request();
        self::assertSame('who', $request->read('one'));
        $request->updateTimestamp('one', 'who');
        $this->clock->modify('+11 hours');
        self::assertSame('who', $this->request()->read('one'), 'used eleven hours ago');
        $this->clock->modify('+2 hours');
        self::assertSame('', $this->request()->read('one'), 'not used for thirteen');
        $this->begun('two');
        for ($i = 0; $i < 15; ++$i) {
            $this->clock->modify('+11 hours');
            $request = $this->request();
            self::assertSame('who', $request->read('two'), (string) $i);
            $request->updateTimestamp('two', 'who');
        }
        $this->clock->modify('+4 hours');
        self::assertSame('', $this->request()->read('two'), 'a week and an hour');
        $this->request()->gc(0);
        self::assertEquals(0, $this->kept());
    }

    public function testMostRequestsWriteNothing(): void
    {
        $this->begun('one');
        $this->clock->modify('+4 minutes');
        $request = $this->request();
        $request->read('one');
        $request->updateTimestamp('one', 'who');
        self::assertEquals($this->clock->now()->getTimestamp() - 240, $this->connection()->fetchOne('SELECT used FROM sign_in'));
    }

    public function testSigningOutEverywhereElse(): void
    {
        $this->begun('one');
        $this->begun('two');
        self::assertCount(2, $this->request()->of($this->teacher(), 'two'));
        $this->request()->endAll($this->teacher(), 'two');
        self::assertSame('', $this->request()->read('one'));
        self::assertSame('who', $this->request()->read('two'));
        $left = $this->request()->of($this->teacher(), 'two');
        self::assertSame([true, 'Browser'], [$left[0]->here, $left[0]->browser]);
        $this->request()->endAll($this->teacher());
        self::assertSame('', $this->request()->read('two'));
    }

    private function kept(): mixed
    {
        return $this->connection()->fetchOne('SELECT COUNT(*) FROM sign_in');
    }
}
