<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Work;

use Rostik\App\Tests\ApiTestCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class WorkTest extends ApiTestCase
{
    public function testAReplyHasEverythingToDraw(): void
    {
        $worked = $this->ask('POST', '/api/work', ['sum' => '1:50 pm + 3½ hours'], []);
        self::assertSame(200, $this->code());
        self::assertSame('1:50 p.m. + 3 h 30 min', $worked['sum']);
        self::assertSame(['text' => '5:20 p.m.', 'shown' => '{h:5}:{m:20} {x:p.m.}', 'value' => '17:20', 'dayOffset' => 0, 'seconds' => null, 'months' => null], $worked['answer']);
        self::assertIsArray($worked['methods']);
        self::assertSame(['number-line', 'hours-first', 'parts', 'column', 'hour-by-hour', 'all-minutes'], array_column($worked['methods'], 'id'));
        self::assertNull($this->browser->getResponse()->headers->getCookies()[0] ?? null, 'no session is begun');
    }

    public function testWhatIsNotUnderstoodIsAProblem(): void
    {
        $problem = $this->ask('POST', '/api/work', ['sum' => '2 h + bananas']);
        self::assertSame(422, $this->code());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame([
            'type' => 'urn:rostik:problem:unknown-word',
            'title' => 'Unprocessable Content',
            'status' => 422,
            'code' => 'unknown-word',
            'detail' => '“bananas” was not understood.',
            'at' => 6,
            'example' => '2 h + 20 min',
            'misread' => [['from' => 6, 'until' => 13]],
        ], $problem);
    }

    public function testOtherRequestsAreProblemsToo(): void
    {
        $problem = $this->ask('POST', '/api/work', ['total' => 3]);
        self::assertSame([422, 'not-as-expected'], [$this->code(), $problem['code']]);
        $problem = $this->ask('GET', '/api/work');
        self::assertSame([405, 'not-this-way'], [$this->code(), $problem['code']]);
        $this->signIn();
        $problem = $this->ask('GET', '/api/nothing-here');
        self::assertSame([404, 'not-found'], [$this->code(), $problem['code']]);
        $this->browser->request('POST', '/api/work', server: ['CONTENT_TYPE' => 'application/json'], content: '{"sum":');
        self::assertSame(400, $this->code());
    }

    public function testTheCommand(): void
    {
        $tester = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find('work'));
        self::assertSame(0, $tester->execute(['sum' => '22:50 to 06:15']));
        self::assertStringContainsString('22:50 to 06:15 = 7 h 25 min', $tester->getDisplay());
        self::assertStringContainsString('over midnight', $tester->getDisplay());
        self::assertSame(0, $tester->execute(['sum' => '9:15 am to 11:40']));
        self::assertStringContainsString('if the end is p.m.', $tester->getDisplay());
        self::assertSame(1, $tester->execute(['sum' => '2 h - 3 h']));
        self::assertStringContainsString('For example: 3 h - 2 h', $tester->getDisplay());
    }
}
