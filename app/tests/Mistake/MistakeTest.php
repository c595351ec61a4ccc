<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Mistake;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class MistakeTest extends ApiTestCase
{
    public function testWhatMightGoWrong(): void
    {
        $reply = $this->ask('POST', '/api/mistakes', ['sum' => '3 h 40 min + 2 h 45 min']);
        self::assertSame(200, $this->code());
        self::assertIsArray($reply['likely']);
        self::assertContains([
            'mistake' => 'leaves-over-sixty',
            'answer' => '5 h 85 min',
            'may' => 'may be adding hours and minutes apart without regrouping',
            'look' => 'Can a clock show so many minutes? Set the minutes on the clock and go past the 12.',
            'model' => 'columns',
        ], $reply['likely']);
        self::assertNull($this->browser->getResponse()->headers->getCookies()[0] ?? null, 'no session is begun');
        $this->ask('POST', '/api/mistakes', ['sum' => 'bananas']);
        self::assertSame(422, $this->code());
    }

    public function testReadingAChildsAnswer(): void
    {
        $told = $this->ask('POST', '/api/mistakes/answer', ['sum' => '2 h 30 min + 4 h 45 min', 'given' => '6 h 15']);
        self::assertSame(['wrong', '6 h 15 min', '7 h 15 min', false], [$told['verdict'], $told['read'], $told['expected'], $told['slip']]);
        self::assertIsArray($told['fits']);
        self::assertSame(['drops-the-carry'], array_column($told['fits'], 'mistake'));
        self::assertSame('blank', $this->ask('POST', '/api/mistakes/answer', ['sum' => '1 h + 2 h', 'given' => ''])['verdict']);
        self::assertSame('right', $this->ask('POST', '/api/mistakes/answer', ['sum' => '1 h + 2 h', 'given' => '3 h'])['verdict']);
        $this->ask('POST', '/api/mistakes/answer', ['sum' => '1 h + 2 h', 'given' => str_repeat('3', 300)]);
        self::assertSame(422, $this->code());
    }

    public function testChoosingSumsThatTellApart(): void
    {
        $chosen = $this->ask('POST', '/api/mistakes/choose', ['sum' => '6 h 10 min - 3 h 45 min', 'count' => 4, 'seed' => 2]);
        self::assertIsArray($chosen['sums']);
        self::assertCount(4, $chosen['sums']);
        self::assertSame(21, $chosen['separable']);
        self::assertGreaterThan(15, $chosen['separates']);
        self::assertSame(['sums' => [], 'separates' => 0, 'separable' => 0], $this->ask('POST', '/api/mistakes/choose', ['sum' => '1 month in days']));
        $this->ask('POST', '/api/mistakes/choose', ['sum' => '1 h + 2 h', 'count' => 0]);
        self::assertSame(422, $this->code());
    }

    /**
     * @param array<string, string|bool> $arguments
     *
     * @return array{int, array<mixed>}
     */
    private function command(string $name, array $arguments): array
    {
        self::bootKernel();
        $tester = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find($name));
        $code = $tester->execute($arguments + ['--json' => true]);
        $object = json_decode($tester->getDisplay(), true);

        return [$code, \is_array($object) ? $object : []];
    }

    public function testTheCommands(): void
    {
        self::ensureKernelShutdown();
        [$code, $mistakes] = $this->command('mistakes', ['sum' => '3h40 + 2h45']);
        self::assertSame([0, '3 h 40 min + 2 h 45 min'], [$code, $mistakes['sum']]);
        self::assertIsArray($mistakes['predictions']);
        self::assertContains(['mistake' => 'leaves-over-sixty', 'answer' => '5 h 85 min'], $mistakes['predictions']);
        [$code, $refused] = $this->command('mistakes', ['sum' => '2 h + bananas']);
        self::assertSame(1, $code);
        self::assertIsArray($refused['error']);
        self::assertSame('unknown-word', $refused['error']['code']);

        [$code, $told] = $this->command('diagnose', ['child' => '{"pupil":"p1","answers":[{"sum":"2 h 30 min + 4 h 45 min","given":"6 h 75 min"},{"sum":"1 h 55 min + 2 h 50 min","given":"3 h 105"},{"sum":"1 h + 20 min","given":""}]}']);
        self::assertSame([0, 'p1'], [$code, $told['pupil']]);
        self::assertIsArray($told['answers']);
        self::assertSame(['verdict' => 'wrong', 'expected' => '7 h 15 min', 'fits' => ['hundred-minutes', 'leaves-over-sixty']], $told['answers'][0]);
        self::assertIsArray($told['findings']);
        self::assertIsArray($told['findings'][0]);
        self::assertSame(['leaves-over-sixty', [0, 1]], [$told['findings'][0]['mistake'], $told['findings'][0]['evidence']]);

        $choose = ['--skill' => 'subtract-regroup', '--level' => 'core', '--count' => '8', '--seed' => '1'];
        [$code, $chosen] = $this->command('choose', $choose);
        self::assertSame([0, 21, 21], [$code, $chosen['separates'], $chosen['separable']]);
        self::assertIsArray($chosen['sums']);
        self::assertCount(8, $chosen['sums']);
        self::assertSame($chosen, $this->command('choose', $choose)[1]);
    }

    /** @param array<string, string> $arguments */
    #[DataProvider('refused')]
    public function testWhatCannotBeDoneIsSaid(string $command, array $arguments, string $code): void
    {
        self::ensureKernelShutdown();
        [$exit, $told] = $this->command($command, $arguments);
        self::assertSame(1, $exit);
        self::assertIsArray($told['error']);
        self::assertSame($code, $told['error']['code']);
        self::assertNotSame('', $told['error']['message']);
    }

    /** @return iterable<array{string, array<string, string>, string}> */
    public static function refused(): iterable
    {
        yield ['diagnose', ['child' => 'bananas'], 'not-a-child'];
        yield ['diagnose', ['child' => '{"pupil":"p1"}'], 'not-a-child'];
        yield ['diagnose', ['child' => '{"pupil":"p1","answers":[{"sum":"1 h + 2 h"}]}'], 'not-an-answer'];
        yield ['diagnose', ['child' => '{"pupil":"p1","answers":[{"sum":"bananas","given":"3 h"}]}'], 'unknown-word'];
        yield ['choose', ['--skill' => 'juggling'], 'no-such-rung'];
        yield ['choose', ['--skill' => 'add-plain', '--level' => 'hard'], 'no-such-level'];
        yield ['choose', ['--skill' => 'add-plain', '--count' => '0'], 'not-a-number'];
        yield ['choose', ['--skill' => 'add-plain', '--seed' => 'x'], 'not-a-number'];
    }
}
