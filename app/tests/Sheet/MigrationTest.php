<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use PHPUnit\Framework\Attributes\Group;
use Rostik\App\Tests\ApiTestCase;

/**
 * A database as it was before children and classes had keys of their own (app/tests/fixtures), after the migrations: all
 * that was on the shelf is there, and prints with its key.
 */
#[Group('migrated')]
final class MigrationTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /** @return array<string, array<mixed>> the sheets by their title; of levels and copies with one title, the last */
    private function shelf(): array
    {
        $sheets = [];
        foreach ($this->ask('GET', '/api/sheets') as $line) {
            self::assertIsArray($line);
            self::assertIsString($line['title']);
            self::assertIsString($line['id']);
            $sheets[$line['title'].('core' === $line['level'] ? ', core' : '')] = $this->ask('GET', '/api/sheets/'.$line['id']);
        }

        return $sheets;
    }

    public function testClassesHaveTheirChildrenAndTheirMethods(): void
    {
        $classes = $this->ask('GET', '/api/classes');
        self::assertSame(['Kittiwakes', 'Sanderlings'], array_column($classes, 'name'));
        self::assertSame([true, false], array_column($classes, 'inHand'), 'the one whose name stood on the account');
        self::assertIsArray($classes[0]);
        self::assertIsArray($classes[0]['children']);
        $names = array_column($classes[0]['children'], 'name');
        self::assertSame(['Anouk', 'Bram', 'Cleo'], \array_slice($names, 0, 3));
        self::assertSame('Yusuf', $names[23] ?? null);
        self::assertCount(24, array_column($classes[0]['children'], 'name', 'id'));
        self::assertIsArray($classes[1]);
        self::assertIsArray($classes[1]['children']);
        self::assertSame(['Isla', 'Tove'], array_column($classes[1]['children'], 'name'));
        self::assertSame(['read-clock-five'], $classes[1]['taught']);
        // they were the teacher's, so they are those of each of her classes
        self::assertSame([[['kind' => 'elapsed', 'method' => 'number-line']], [['kind' => 'elapsed', 'method' => 'number-line']]], array_column($classes, 'methods'));
    }

    public function testSheetsHaveTheirQuestionsFormsAndClasses(): void
    {
        $shelf = $this->shelf();
        self::assertCount(6, $shelf, implode('; ', array_keys($shelf)));
        $classes = array_column($this->ask('GET', '/api/classes'), 'id', 'name');
        $ways = $shelf['Ways of asking'];
        self::assertSame($classes['Sanderlings'], $ways['classId']);
        self::assertSame($classes['Sanderlings'], $shelf['Ways of asking (copy)']['classId']);
        self::assertSame($classes['Kittiwakes'], $shelf['Reading and setting clocks, core']['classId']);
        self::assertSame(['1:50 pm + 3 h 30 min', '10:15 am - 35 min', '9 am to 4 pm', '8:37 am as digital', '_ + 50 min = 10:30 am', '6 h 10 min -'], self::texts($ways, 'sum'));
        self::assertSame(['choice', 'true-false', null, 'hands', 'table', null], self::texts($ways, 'answers'));
        self::assertSame([null, 'words', null, null, '24h', null], self::texts($ways, 'times'));
        self::assertSame([false, false, false, false, false, true], self::texts($ways, 'challenge'));
        self::assertIsArray($ways['questions']);
        self::assertSame([false, false, true, false, false, false], array_column($ways['questions'], 'locked'));
        self::assertIsArray($ways['settings']);
        self::assertSame(['line', '24h', 'Show your jumps.', 'full', 'large', 1], [$ways['settings']['answers'], $ways['settings']['times'], $ways['settings']['instruction'], $ways['settings']['scaffold'], $ways['settings']['type'], $ways['settings']['columns']]);
        $clocks = $shelf['Reading and setting clocks, core'];
        self::assertIsArray($clocks['settings']);
        self::assertIsArray($clocks['settings']['limits']);
        self::assertSame([true, 'end'], [$clocks['settings']['limits']['fives'], $clocks['settings']['limits']['unknown']]);
        self::assertIsArray($clocks['levels']);
        self::assertCount(3, $clocks['levels']);
    }

    public function testCopiesAreStillThoseOfTheirChildrenUntilAChildIsErased(): void
    {
        $ways = $this->shelf()['Ways of asking'];
        self::assertIsString($ways['id']);
        $copies = function () use ($ways): array {
            $sets = $this->ask('GET', '/api/sheets/'.(\is_string($ways['id']) ? $ways['id'] : '').'/sets');
            self::assertIsArray($sets[0]);
            self::assertIsArray($sets[0]['copies']);

            return array_column($sets[0]['copies'], 'name', 'code');
        };
        self::assertSame(['YG7F' => 'Anouk', 'XDXP' => 'Bram', 'KX9C' => 'Cleo'], $copies());
        $this->browser->request('GET', '/print/sheets/'.$ways['id'].'?part=both');
        self::assertSame(200, $this->code());
        $paper = $this->printed();
        self::assertStringContainsString('Show your jumps.', $paper);
        self::assertStringContainsString('10:15 a.m. − 35 min = 9:40 a.m.', $paper);
        self::assertMatchesRegularExpression('~9:40 a\.m\.</span>\s*<strong class="answer">true</strong>~', $paper, 'the key that was printed before still holds');

        $class = $this->ask('GET', '/api/classes')[0] ?? null;
        self::assertIsArray($class);
        self::assertIsString($class['id']);
        self::assertIsArray($class['children']);
        $this->ask('PUT', '/api/classes/'.$class['id'], ['name' => 'Kittiwakes', 'children' => array_values(array_filter($class['children'], static fn (mixed $child): bool => \is_array($child) && 'Bram' !== $child['name']))]);
        self::assertSame(200, $this->code());
        self::assertSame(['YG7F' => 'Anouk', 'XDXP' => '', 'KX9C' => 'Cleo'], $copies());
    }
}
