<?php

declare(strict_types=1);

namespace Rostik\App\Tests\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use Rostik\App\Tests\ApiTestCase;
use Symfony\Component\Uid\Uuid;

final class MakingTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return list<array<string, mixed>>
     */
    private function make(array $more = []): array
    {
        $made = $this->ask('POST', '/api/sheets/make', $more + [
            'title' => 'The tide and the ferry',
            'aims' => [['rung' => 'later-across-hour', 'count' => 3], ['rung' => 'subtract-regroup', 'count' => 4]],
            'levels' => ['support', 'core', 'stretch'],
            'seed' => 5,
        ]);
        self::assertSame(201, $this->code(), (string) json_encode($made));
        self::assertIsArray($made['sheets']);

        /* @phpstan-ignore return.type */
        return array_values($made['sheets']);
    }

    /**
     * @param array<string, mixed> $sheet
     *
     * @return list<string>
     */
    private function sums(array $sheet): array
    {
        self::assertIsArray($sheet['questions']);

        /* @phpstan-ignore return.type */
        return array_column($sheet['questions'], 'sum');
    }

    public function testThreeLevelsThatDifferInMathematicsAndInWhatIsDrawn(): void
    {
        $sheets = $this->make();
        self::assertCount(3, $sheets);
        $settings = [];
        foreach ($sheets as $sheet) {
            self::assertCount(7, array_unique($this->sums($sheet)));
            // the lower rung first
            self::assertStringContainsString(' - ', $this->sums($sheet)[0]);
            self::assertStringContainsString(' + ', $this->sums($sheet)[6]);
            self::assertIsArray($sheet['settings']);
            $settings[] = [$sheet['settings']['level'], $sheet['settings']['scaffold'], $sheet['settings']['example']];
        }
        self::assertSame([['support', 'full', true], ['core', 'outline', false], ['stretch', 'none', false]], $settings);
        foreach ($this->sums($sheets[0]) as $sum) {
            preg_match_all('/(\d+) min|:(\d\d)/', $sum, $minutes);
            foreach ([...$minutes[1], ...$minutes[2]] as $minute) {
                self::assertSame(0, (int) $minute % 5, $sum.' is of fives');
            }
        }
        self::assertSame($this->sums($sheets[1]), $this->sums($this->make()[1]), 'the same seed, the same sheet');
        // on the shelf by its level
        self::assertContains('stretch', array_column($this->ask('GET', '/api/sheets'), 'level'));
    }

    public function testWhatCannotBeHadIsSaid(): void
    {
        $made = $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'unit-facts', 'count' => 20]], 'levels' => ['core'], 'seed' => 1]);
        self::assertSame(201, $this->code());
        self::assertSame(['“I know how the units are related.” has only 5 different questions of that kind at the core level; 20 were asked for.'], $made['shortages']);
        $refused = $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'juggling', 'count' => 2]], 'levels' => ['core']]);
        self::assertSame([422, 'no-such-rung'], [$this->code(), $refused['code']]);
        $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [], 'levels' => ['core']]);
        self::assertSame(422, $this->code());
        $this->ask('POST', '/api/sheets/make', ['title' => '', 'aims' => [['rung' => 'add-plain', 'count' => 400]], 'levels' => ['core']]);
        self::assertSame(422, $this->code());
        $rungs = array_column($this->ask('GET', '/api/sheets/rungs'), 'id');
        self::assertContains('subtract-regroup', $rungs);
        self::assertNotContains('one-step-problem', $rungs, 'told in words, it needs words');
    }

    public function testOtherNumbersForQuestions(): void
    {
        $others = $this->ask('POST', '/api/sheets/others', ['sums' => ['5 h 20 min - 2 h 35 min', 'bananas', '1 month in days', '3:45 pm + 2 h 30 min'], 'keep' => [], 'seed' => 4]);
        self::assertSame(200, $this->code());
        self::assertIsArray($others['sums']);
        [$first, $second, $third, $fourth] = $others['sums'];
        self::assertMatchesRegularExpression('/^\d h( \d+ min)? - /', \is_string($first) ? $first : '');
        self::assertNotSame('5 h 20 min - 2 h 35 min', $first);
        self::assertNull($second);
        self::assertNull($third);
        self::assertMatchesRegularExpression('/[ap]\.m\. \+ /', \is_string($fourth) ? $fourth : '');
    }

    public function testWordsLocksAndSettingsAreKeptAndWarningsStandBesideTheQuestions(): void
    {
        [$sheet] = $this->make(['levels' => ['support']]);
        self::assertIsString($sheet['id']);
        $ids = array_map(static fn (): string => Uuid::v4()->toRfc4122(), range(1, 4));
        $saved = $this->ask('PUT', '/api/sheets/'.$sheet['id'], [
            'version' => $sheet['version'],
            'title' => 'Ferry',
            'settings' => ['level' => 'support', 'instruction' => 'Use the line.', 'scaffold' => 'none', 'answers' => 'choice', 'example' => false, 'chart' => true],
            'questions' => [
                ['id' => $ids[0], 'sum' => '9:21 am to 1:05 pm', 'wording' => 'The Pintail leaves at 9:21 a.m. and arrives at 1:05 p.m. How long is she at sea?', 'locked' => true],
                ['id' => $ids[1], 'sum' => '11:15 am + 45 min'],
                ['id' => $ids[2], 'sum' => '11:15 a.m. + 45 min'],
                ['id' => $ids[3], 'sum' => '9:15 am to 11:40'],
            ],
        ]);
        self::assertSame(200, $this->code());
        self::assertSame(['level' => 'support', 'instruction' => 'Use the line.', 'scaffold' => 'none', 'answers' => 'choice', 'example' => false, 'chart' => true, 'columns' => null, 'type' => 'usual', 'times' => 'as-written', 'layout' => 'page', 'classId' => null, 'aims' => [], 'limits' => ['fives' => null, 'regroups' => null, 'noon' => null, 'midnight' => null, 'unknown' => null, 'hour' => null]], $saved['settings']);
        self::assertIsArray($saved['questions']);
        self::assertSame([true, false, false, false], array_column($saved['questions'], 'locked'));
        $codes = array_map(static fn ($q): array => \is_array($q) && \is_array($q['warnings']) ? array_column($q['warnings'], 'code') : [], $saved['questions']);
        self::assertSame([['above-level'], ['twelve'], ['alike', 'twelve'], []], $codes);
        self::assertSame($saved, $this->ask('GET', '/api/sheets/'.$sheet['id']));
        // saved without settings, they stay; a copy has them too
        $again = $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $saved['version'], 'title' => 'Ferry', 'questions' => [['id' => $ids[1], 'sum' => '1 h + 2 h']]]);
        self::assertSame($saved['settings'], $again['settings']);
        self::assertSame($saved['settings'], $this->ask('POST', '/api/sheets/'.$sheet['id'].'/copy')['settings']);
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $again['version'], 'title' => 'Ferry', 'questions' => [], 'settings' => ['answers' => 'dance']]);
        self::assertSame(422, $this->code());
    }

    public function testSheetsAsFilesAndBack(): void
    {
        [$sheet] = $this->make(['levels' => ['core']]);
        self::assertIsString($sheet['id']);
        foreach (['text' => 'text/plain', 'csv' => 'text/csv', 'qti' => 'application/xml'] as $format => $type) {
            $this->browser->request('GET', '/api/sheets/'.$sheet['id'].'/file/'.$format);
            self::assertSame(200, $this->code());
            self::assertStringStartsWith($type, (string) $this->browser->getResponse()->headers->get('Content-Type'));
            self::assertStringContainsString('attachment; filename=the-tide-and-the-ferry.', (string) $this->browser->getResponse()->headers->get('Content-Disposition'));
            $read = $this->ask('POST', '/api/sheets/read', ['text' => (string) $this->browser->getResponse()->getContent()]);
            self::assertSame([], $read['faults']);
            self::assertSame('The tide and the ferry', $read['title']);
            self::assertIsArray($read['questions']);
            self::assertSame($this->sums($sheet), array_column($read['questions'], 'sum'), $format);
        }
        $this->ask('GET', '/api/sheets/'.$sheet['id'].'/file/stone');
        self::assertSame(404, $this->code());
        $read = $this->ask('POST', '/api/sheets/read', ['text' => "1 h + 2 h\nbananas\n"]);
        self::assertSame([], $read['questions']);
        self::assertSame([['line' => 2, 'message' => '“bananas” was not understood. One that works: 3:45 pm + 2 h 30 min']], $read['faults']);
    }

    /**
     * @param array<string, mixed> $settings
     * @param list<string>         $holds
     * @param list<string>         $lacks
     */
    #[DataProvider('papers')]
    public function testThePaper(array $settings, string $part, array $holds, array $lacks): void
    {
        $sheet = $this->ask('POST', '/api/sheets', ['title' => 'Tide', 'questions' => array_map(
            static fn (string $sum): array => ['id' => Uuid::v4()->toRfc4122(), 'sum' => $sum],
            ['5 h 20 min - 2 h 35 min', '3:45 pm + 2 h 30 min', 'quarter to 5 as digital', '2 days ? 40 h', 'order 9 am, 12:15 pm, 8 pm', 'bananas'],
        )]);
        self::assertIsString($sheet['id']);
        $this->ask('PUT', '/api/sheets/'.$sheet['id'], ['version' => $sheet['version'], 'title' => 'Tide', 'questions' => $sheet['questions'], 'settings' => $settings]);
        self::assertSame(200, $this->code());
        $this->browser->request('GET', '/print/sheets/'.$sheet['id'].'?part='.$part);
        self::assertSame(200, $this->code());
        $html = (string) $this->browser->getResponse()->getContent();
        foreach ($holds as $text) {
            self::assertStringContainsString($text, $html);
        }
        // the example is drawn by chance, and may happen to come to what a question comes to
        $questions = (string) preg_replace('~(This is how:</strong>).*?</aside>~s', '$1', $html);
        foreach ($lacks as $text) {
            self::assertStringNotContainsString($text, $questions);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, list<string>, list<string>}> */
    public static function papers(): iterable
    {
        $common = ['What time is it?', 'A clock to be read', '2 days ___ 40 h', 'Write &lt;, &gt; or =.', 'Put in order: 9:00 a.m., 12:15 p.m., 8:00 p.m.'];
        yield 'all set out' => [['scaffold' => 'full', 'instruction' => 'Write 60 when you take an hour.', 'chart' => true, 'example' => true], 'sheet', [...$common, 'Columns to work in', 'A number line to work on', 'Write 60 when you take an hour.', '1 hour = 60 minutes', 'This is how:'], ['Squared paper for working', '2 h 45 min', '6:15 p.m.']];
        yield 'empty paper' => [['scaffold' => 'outline'], 'sheet', [...$common, 'Squared paper for working'], ['Columns to work in', 'This is how:', '1 hour = 60 minutes']];
        yield 'only a line' => [['scaffold' => 'none'], 'sheet', $common, ['Squared paper', 'Columns to work in', 'A number line']];
        yield 'columns to fill' => [['scaffold' => 'outline', 'answers' => 'columns'], 'sheet', ['Columns to work in'], ['A number line']];
        yield 'lines to fill' => [['scaffold' => 'outline', 'answers' => 'line'], 'sheet', ['A number line to work on'], []];
        yield 'hands to draw' => [['answers' => 'hands'], 'sheet', ['A clock face to draw the hands on'], []];
        yield 'one of four, from real mistakes' => [['answers' => 'choice'], 'sheet', ['class="choices"', '<li>2 h 45 min</li>'], ['2 h 44 min']];
        yield 'true or false' => [['answers' => 'true-false'], 'sheet', ['True or false? How do you know?'], []];
        yield 'the key' => [['scaffold' => 'full'], 'key', ['2 h 45 min', '6:15 p.m.', '4:45', 'bananas'], ['Columns to work in', 'Minutes first']];
        yield 'the key, worked' => [['scaffold' => 'full'], 'worked', ['2 h 45 min', '35 is more than 20, so take 1 h and write it as 60 min: 60 + 20 = 80.', 'In columns, worked', 'The number line, worked'], ['Columns to work in']];
    }
}
