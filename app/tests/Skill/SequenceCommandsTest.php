<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Skill;

use Rostik\Core\Notation\SumReader;
use Rostik\Core\Sequence\Difficulty;
use Rostik\Core\Sequence\Job;
use Rostik\Core\Skill\Features;
use Rostik\Core\Tests\Core;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

/** A lesson and a sheet for other programs: each sum with its job, its difficulties, its method. */
final class SequenceCommandsTest extends KernelTestCase
{
    public function testALessonSaysWhatEachOfItsSumsIsThereFor(): void
    {
        foreach ([[1, 'model'], [2, 'without'], [3, 'backwards']] as [$number, $focus]) {
            $lesson = $this->answer('lesson', ['--skill' => 'earlier-across-hour', '--number' => (string) $number, '--of' => '3', '--seed' => '4']);
            self::assertSame(['earlier-across-hour', 'core', $number, 3, $focus], [$lesson['rung'], $lesson['level'], $lesson['number'], $lesson['of'], $lesson['focus']]);
            /** @var array<string, array{minutes: int, sums: list<array<string, mixed>>}> $parts */
            $parts = array_column((array) $lesson['parts'], null, 'kind');
            self::assertLessThanOrEqual(60, array_sum(array_column($parts, 'minutes')));
            foreach (['look-back', 'explain', 'together', 'own', 'ticket'] as $kind) {
                self::assertArrayHasKey($kind, $parts);
                self::assertNotSame([], $parts[$kind]['sums'], $kind);
                $this->assertSums($parts[$kind]['sums']);
            }
            self::assertSame('plain', $parts['explain']['sums'][0]['job']);
        }
    }

    public function testASheetGrowsOrIsMixedAndItsCopiesAreOther(): void
    {
        $grows = $this->answer('sheet', ['--skill' => ['subtract-regroup'], '--count' => '9']);
        $this->assertSums((array) $grows['questions']);
        self::assertCount(9, (array) $grows['questions']);
        $numbers = array_column(\array_slice((array) $grows['questions'], 0, 6), 'difficulty');
        $sorted = $numbers;
        sort($sorted);
        self::assertSame($sorted, $numbers);
        $sums = static fn (array $sheet): array => array_column((array) $sheet['questions'], 'sum');
        self::assertEqualsCanonicalizing($sums($grows), $sums($this->answer('sheet', ['--skill' => ['subtract-regroup'], '--count' => '9', '--order' => 'mixed'])));
        self::assertNotSame($sums($grows), $sums($this->answer('sheet', ['--skill' => ['subtract-regroup'], '--count' => '9', '--copy' => '1'])));
        self::assertCount(8, $sums($this->answer('sheet', ['--skill' => ['subtract-regroup', 'add-regroup', 'add-plain'], '--count' => '8'])));
    }

    public function testWhatIsNotUnderstoodIsRefusedWithOneThatWorks(): void
    {
        foreach ([
            ['lesson', ['--skill' => 'nothing'], 'no-such-rung'],
            ['lesson', ['--skill' => 'add-regroup', '--number' => '4', '--of' => '3'], 'not-a-number'],
            ['lesson', ['--skill' => 'add-regroup', '--minutes' => 'long'], 'not-a-number'],
            ['sheet', ['--skill' => ['add-regroup'], '--order' => 'up'], 'no-such-order'],
            ['sheet', ['--skill' => ['add-regroup'], '--level' => 'high'], 'no-such-level'],
            ['sheet', ['--skill' => ['add-regroup', 'add-plain'], '--count' => '1'], 'not-a-number'],
            ['sheet', [], 'no-such-rung'],
        ] as [$command, $options, $code]) {
            $refused = $this->answer($command, $options, 1);
            self::assertSame($code, ((array) $refused['error'])['code']);
        }
    }

    /** @param array<mixed> $sums */
    private function assertSums(array $sums): void
    {
        foreach ($sums as $one) {
            self::assertIsArray($one);
            self::assertIsString($one['sum']);
            $sum = Core::get(SumReader::class)->read($one['sum'])->sum;
            $has = Difficulty::of($sum, Features::of($sum), '' !== $one['wording']);
            self::assertSame(array_map(static fn (Difficulty $it): string => $it->value, $has), $one['features'], $one['sum']);
            self::assertEquals(Difficulty::number($has), $one['difficulty'], $one['sum']);
            self::assertContains($one['job'], array_column(Job::cases(), 'value'));
            self::assertNotSame('', $one['says']);
            self::assertNotNull($one['method'], $one['sum']);
        }
    }

    /**
     * @param array<string, string|list<string>> $options
     *
     * @return array<string, mixed>
     */
    private function answer(string $command, array $options, int $code = 0): array
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find($command));
        self::assertSame($code, $tester->execute($options + ['--json' => true]));
        $object = json_decode($tester->getDisplay(), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($object);

        /** @var array<string, mixed> $object */
        return $object;
    }
}
