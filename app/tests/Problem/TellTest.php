<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Problem;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class TellTest extends KernelTestCase
{
    /** @param array<string, bool|string> $asked */
    private function told(array $asked, int &$code = 0): string
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('tell'));
        $code = $tester->execute($asked);

        return $tester->getDisplay();
    }

    public function testOneProblemALine(): void
    {
        $code = -1;
        $lines = explode("\n", trim($this->told(['--json' => true, '--skill' => 'two-step-problem', '--level' => 'core', '--count' => '12', '--seed' => '1'], $code)));
        self::assertSame(0, $code);
        self::assertCount(12, $lines);
        foreach ($lines as $line) {
            $told = json_decode($line, true);
            self::assertIsArray($told);
            self::assertSame(['text', 'questions', 'shape', 'level'], array_keys($told));
            self::assertSame('core', $told['level']);
            $one = \is_array($told['questions']) ? $told['questions'][0] ?? null : null;
            self::assertIsArray($one);
            self::assertSame(['ask', 'sums', 'answer', 'sentence'], array_keys($one));
            self::assertIsArray($one['sums']);
            self::assertGreaterThan(1, \count($one['sums']));
            self::assertIsArray($one['answer']);
            self::assertIsString($one['answer']['text']);
            self::assertIsString($one['sentence']);
            self::assertIsString($told['text']);
            self::assertStringContainsString(explode(' (', $one['answer']['text'])[0], $one['sentence']);
            self::assertIsString($one['ask']);
            self::assertTrue(str_ends_with($told['text'], ' '.$one['ask']));
        }
        self::assertSame($lines, explode("\n", trim($this->told(['--json' => true, '--skill' => 'two-step-problem', '--level' => 'core', '--count' => '12', '--seed' => '1']))), 'the same seed tells the same');
    }

    public function testForAPerson(): void
    {
        $told = $this->told(['--skill' => 'one-step-problem', '--level' => 'support', '--count' => '2']);
        self::assertMatchesRegularExpression('/^1\. [A-Z].*\?\n   .* [+\-x\/]|to .*\n   [A-Z].*\.\n\n2\. /', $told);
    }

    public function testWhatIsUnderstoodOfAProblem(): void
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('problem'));
        $tester->execute(['--json' => true, 'text' => 'The ferry leaves at 8:40 a.m. and takes 2 hours 35 minutes. At what time does it arrive?']);
        $read = json_decode($tester->getDisplay(), true);
        self::assertSame([
            'text' => 'The ferry leaves at 8:40 a.m. and takes 2 hours 35 minutes. At what time does it arrive?',
            'sure' => true,
            'questions' => [['ask' => 'At what time does it arrive?', 'sums' => ['8:40 a.m. + 2 h 35 min'], 'answer' => ['text' => '11:15 a.m.', 'value' => '11:15', 'dayOffset' => 0], 'sentence' => 'It arrives at 11:15 a.m.']],
            'facts' => [['text' => '8:40 a.m.', 'at' => 20, 'is' => 'start'], ['text' => '2 hours 35 minutes', 'at' => 40, 'is' => 'length']],
            'remarks' => [],
        ], $read);
        self::assertSame(0, $tester->execute(['text' => 'The drill ended at 4:05 p.m. It had lasted 50 minutes. When had it begun?']));
        self::assertSame("When had it begun?\n  4:05 p.m. - 50 min = 3:15 p.m.\n", $tester->getDisplay());
        self::assertSame(1, $tester->execute(['text' => 'The drill ended at 4:05 p.m.']));
        self::assertStringContainsString('Nothing is asked.', $tester->getDisplay());
    }

    /** @param array<string, bool|string> $asked */
    #[DataProvider('refused')]
    public function testWhatCannotBeTold(array $asked, string $code): void
    {
        $exit = -1;
        self::assertStringContainsString('"code":"'.$code.'"', $this->told(['--json' => true] + $asked, $exit));
        self::assertSame(1, $exit);
    }

    /** @return iterable<array{array<string, bool|string>, string}> */
    public static function refused(): iterable
    {
        yield [['--skill' => 'add-regroup'], 'not-told'];
        yield [['--skill' => 'no-such'], 'no-such-rung'];
        yield [['--skill' => 'one-step-problem', '--level' => 'hard'], 'no-such-level'];
        yield [['--skill' => 'one-step-problem', '--count' => '0'], 'not-a-number'];
        yield [['--skill' => 'one-step-problem', '--count' => '101'], 'not-a-number'];
    }
}
