<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Problem;

use Rostik\App\Tests\ApiTestCase;

/** Problems in words by way of the API: read, asked about, set out, and others like them. */
final class ReadTest extends ApiTestCase
{
    private const TEXT = 'The ferry leaves at 8:40 a.m. The crossing takes 35 minutes. When does it arrive?';

    public function testTheWordsOfAQuestionAreRead(): void
    {
        $this->signIn();
        $told = $this->ask('POST', '/api/problem', ['text' => self::TEXT, 'sum' => '8:40 am + 35 min']);
        self::assertSame(200, $this->code());
        self::assertTrue($told['sure']);
        self::assertSame([], $told['remarks']);
        self::assertSame('It arrives at 9:15 a.m.', self::in($told, 'questions', 0, 'sentence'));
        self::assertSame(['start', 'lasts'], self::column('is', $told, 'facts'));
        // in the way of writing of the class
        $told = $this->ask('POST', '/api/problem', ['text' => self::TEXT, 'sum' => '', 'style' => ['always24' => true]]);
        self::assertSame('It arrives at 09:15.', self::in($told, 'questions', 0, 'sentence'));
        $told = $this->ask('POST', '/api/problem', ['text' => self::TEXT, 'sum' => '8:40 am - 35 min']);
        self::assertSame(['other-sum'], self::column('code', $told, 'remarks'));
        $told = $this->ask('POST', '/api/problem', ['text' => 'The bus leaves at 6:75 a.m. When does it arrive?']);
        self::assertSame(['impossible-time'], self::column('code', $told, 'remarks'));
        $this->ask('POST', '/api/problem', ['text' => 7]);
        self::assertSame(422, $this->code());
    }

    public function testAProblemIsWorkedSetOutFirst(): void
    {
        $worked = $this->ask('POST', '/api/work', ['sum' => self::TEXT]);
        self::assertSame(['8:40 a.m. + 35 min', 'set-out'], [$worked['sum'], self::in($worked, 'methods', 0, 'id')]);
        self::assertSame(self::TEXT, self::in($worked, 'told', 'text'));
        self::assertArrayNotHasKey('setOut', $worked);
        // in the method of the class
        $picture = static fn (mixed $worked): mixed => self::in($worked, 'methods', 0, 'steps', 3, 'picture', 'sums', 0, 'working', 'type');
        self::assertSame(['line', 'columns'], [$picture($worked), $picture($this->ask('POST', '/api/work', ['sum' => self::TEXT, 'methods' => ['later' => 'column', 'earlier' => 7]]))]);
    }

    public function testWhereItIsNotSureItSaysWhatItUnderstood(): void
    {
        $problem = $this->ask('POST', '/api/work', ['sum' => str_replace(' a.m.', '.', self::TEXT)]);
        self::assertSame([422, 'half-missing'], [$this->code(), $problem['code']]);
        self::assertSame(['8:40 a.m. + 35 min', '8:40 p.m. + 35 min'], self::column('sum', $problem, 'told', 'questions', 0, 'instead'));
        $settled = $this->ask('POST', '/api/board', ['sum' => self::TEXT.' [8:40 am + 40 min]']);
        self::assertSame([200, '8:40 a.m. + 40 min'], [$this->code(), self::in($settled, 'worked', 'sum')]);
        self::assertSame(['add'], self::column('operation', $settled, 'asked'));
    }

    public function testOthersAreToldToo(): void
    {
        $another = $this->ask('POST', '/api/board/another', ['sum' => '8:40 a.m. + 35 min', 'seed' => 3, 'told' => true]);
        self::assertSame(200, $this->code());
        $others = [...self::column('sum', $another, 'alike'), self::in($another, 'easier', 'sum'), self::in($another, 'harder', 'sum')];
        self::assertCount(10, $others);
        foreach ($others as $other) {
            self::assertIsString($other);
            $this->ask('POST', '/api/work', ['sum' => $other]);
            self::assertSame(200, $this->code(), $other);
        }
    }
}
