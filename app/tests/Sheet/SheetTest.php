<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class SheetTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function testASheetFromItsBeginningToItsEnd(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => '  Seal count  ', 'questions' => [$this->question('1:50 pm + 3½ hours')]]);
        self::assertSame(201, $this->code());
        self::assertSame('Seal count', $sheet['title']);
        $path = '/api/sheets/'.$this->string($sheet['id']);
        self::assertSame(['{h:5}:{m:20} {x:p.m.}'], array_column($this->questions($sheet), 'answer'));

        // add, rename, reorder
        $first = $this->questions($sheet)[0];
        $second = $this->question('22:50 to 06:15');
        $sheet = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Seal count, noon', 'questions' => [$second, ['id' => $first['id'], 'text' => $first['text']]]]);
        self::assertSame(200, $this->code());
        self::assertSame(['22:50 to 06:15', '1:50 pm + 3½ hours'], self::texts($sheet, 'sum'));
        self::assertSame($sheet, $this->ask('GET', $path));

        // remove
        $sheet = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Seal count, noon', 'questions' => [$second]]);
        self::assertSame([$second['id']], array_column($this->questions($sheet), 'id'));

        // copy: the same questions, another sheet
        $copy = $this->ask('POST', $path.'/duplicate');
        self::assertSame(201, $this->code());
        self::assertSame('Seal count, noon (2)', $copy['title']);
        self::assertNotSame($sheet['id'], $copy['id']);
        self::assertSame(self::texts($sheet, 'sum'), self::texts($copy, 'sum'));

        // delete and bring back
        $this->ask('DELETE', $path);
        self::assertSame(204, $this->code());
        $this->ask('GET', $path);
        self::assertSame(404, $this->code());
        self::assertNotContains($sheet['id'], array_column($this->ask('GET', '/api/sheets'), 'id'));
        $this->ask('POST', $path.'/restore');
        self::assertSame(200, $this->code());
        self::assertContains($sheet['id'], array_column($this->ask('GET', '/api/sheets'), 'id'));
    }

    /** However the identity of a question is written, it is the same question. */
    public function testTheIdentityOfAQuestionHasNoCase(): void
    {
        $question = $this->question('2 h + 3 h');
        $upper = ['id' => strtoupper($this->string($question['id'])), 'text' => ['sum' => '2 h + 4 h']];
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [$upper]]);
        self::assertSame(201, $this->code());
        $path = '/api/sheets/'.$this->string($sheet['id']);
        foreach ([$upper, $question, $upper] as $one) {
            $sheet = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => [$one]]);
            self::assertSame(200, $this->code());
            self::assertSame([$question['id']], array_column($this->questions($sheet), 'id'));
        }
        $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => [$question, $upper]]);
        self::assertSame(422, $this->code(), 'one question twice');
    }

    public function testTwoWindowsDoNotOverwriteEachOther(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => []]);
        $path = '/api/sheets/'.$this->string($sheet['id']);
        $mine = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Mine', 'questions' => []]);
        self::assertSame(200, $this->code());
        $problem = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Theirs', 'questions' => [$this->question('2 h + 3 h')]]);
        self::assertSame(409, $this->code());
        self::assertSame('changed-elsewhere', $problem['code']);
        self::assertSame($mine, $problem['sheet']);
        self::assertSame('Mine', $this->ask('GET', $path)['title']);
    }

    public function testAChangeOfTheQuestionsAloneCountsAsAChange(): void
    {
        $question = $this->question('2 h + 3 h');
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Ferry', 'questions' => [$question]]);
        $path = '/api/sheets/'.$this->string($sheet['id']);
        $after = $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => [['text' => ['sum' => '2 h + 4 h']] + $question]]);
        self::assertGreaterThan($sheet['version'], $after['version']);
        $this->ask('PUT', $path, ['version' => $sheet['version'], 'title' => 'Ferry', 'questions' => []]);
        self::assertSame(409, $this->code());
    }

    public function testWhatCannotBeReadIsKeptAsTyped(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => '', 'questions' => [$this->question('1:50 pm + bana'), $this->question('9:15 to 11:40'), $this->question('2 h - 3 h')]]);
        self::assertSame('Untitled sheet', $sheet['title']);
        $questions = $this->questions($sheet);
        self::assertSame([null, null, null], array_column($questions, 'answer'));
        self::assertSame('“bana” was not understood.', $questions[0]['problem'] ?? null);
        self::assertSame('1:50 pm + bana', self::texts($sheet, 'sum')[0] ?? null);
    }

    public function testWhatHasNoOneAnswerSaysWhatItDependsOn(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => [$this->question('9:15 to 8:15'), $this->question('1 month ? 30 days'), $this->question('1 day ? 30 h')]]);
        $questions = $this->questions($sheet);
        self::assertSame(['It is not said whether a.m. or p.m. is meant, and it changes the answer.', 'It depends on which month or year is meant.', null], array_column($questions, 'problem'));
        self::assertSame([null, null], [$questions[0]['answer'] ?? null, $questions[1]['answer'] ?? null]);
    }

    public function testAnotherTeachersSheetIsNotFound(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Private', 'questions' => []]);
        $path = $this->string($sheet['id']);
        $other = $this->colleague('somebody@ombrel.example', 'Somebody');
        $other->changePassword('x');
        $this->entities()->persist($other);
        $this->entities()->flush();
        $this->signIn('somebody@ombrel.example');
        foreach ([['GET', '/api/sheets/'], ['PUT', '/api/sheets/'], ['DELETE', '/api/sheets/'], ['GET', '/print/sheets/']] as [$method, $before]) {
            $this->ask($method, $before.$path, 'PUT' === $method ? ['version' => 1, 'title' => 'Taken', 'questions' => []] : null);
            self::assertSame(404, $this->code(), $method.$before);
        }
        foreach (['/duplicate', '/restore'] as $after) {
            $this->ask('POST', '/api/sheets/'.$path.$after);
            self::assertSame(404, $this->code(), $after);
        }
        self::assertSame([], $this->ask('GET', '/api/sheets'));
        // word for word what a sheet that never was gets
        $there = $this->ask('GET', '/api/sheets/'.$path);
        self::assertSame($there, $this->ask('GET', '/api/sheets/'.Uuid::v7()->toRfc4122()));
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('unfit')]
    public function testWhatIsNotASheetIsRefused(array $body): void
    {
        $problem = $this->ask('POST', '/api/sheets', $body);
        self::assertSame(422, $this->code());
        self::assertSame('not-as-expected', $problem['code']);
    }

    /** @return iterable<array{array<string, mixed>}> */
    public static function unfit(): iterable
    {
        yield [['questions' => []]];
        yield [['title' => str_repeat('x', 121), 'questions' => []]];
        yield [['title' => 'x', 'questions' => [['id' => 'no', 'text' => ['sum' => '2 h + 3 h']]]]];
        yield [['title' => 'x', 'questions' => [['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => str_repeat('x', 301)]]]]];
        yield [['title' => 'x', 'questions' => array_fill(0, 101, ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => '']])]];
    }

    public function testThePrintPageKeepsAnswersToTheKey(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide <&> ferry', 'questions' => [$this->question('6 h 10 min - 3 h 45 min')]]);
        $page = function (string $part) use ($sheet): string {
            $this->browser->request('GET', '/print/sheets/'.$this->string($sheet['id']).'?paper=letter&part='.$part);
            self::assertSame(200, $this->code());

            return $this->printed();
        };
        self::assertStringNotContainsString('2 h 25 min', $page('sheet'));
        self::assertStringContainsString('Tide &lt;&amp;&gt; ferry', $page('sheet'));
        self::assertStringContainsString('Name', $page('sheet'));
        self::assertStringContainsString('2 h 25 min', $page('key'));
        self::assertStringNotContainsString('class="child"', $page('key'));
        self::assertStringContainsString('letter.css', $page('both'));
    }

    public function testThePdfIsOne(): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Noël', 'questions' => [$this->question('6 h 10 min - 3 h 45 min')]]);
        $this->browser->request('GET', '/print/sheets/'.$this->string($sheet['id']).'.pdf?part=key');
        self::assertSame(200, $this->code());
        self::assertStringStartsWith('%PDF-', (string) $this->browser->getResponse()->getContent());
        self::assertStringContainsString('noel-key.pdf', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
    }

    /** @return array{id: string, text: array{sum: string}} */
    private function question(string $sum): array
    {
        return ['id' => Uuid::v4()->toRfc4122(), 'text' => ['sum' => $sum]];
    }

    /**
     * @param array<mixed> $sheet
     *
     * @return list<array<mixed>>
     */
    private function questions(array $sheet): array
    {
        self::assertIsArray($sheet['questions'] ?? null);

        return array_values(array_filter($sheet['questions'], is_array(...)));
    }

    private function string(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }
}
